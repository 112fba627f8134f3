<?php

declare(strict_types=1);

namespace App\Providers;

use App\Documents\Schemas;
use App\Models\StoredRecipe;
use App\Pantry\Compiled;
use App\Recipes\Styles;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\ServiceProvider;
use Vinculum\Batch\Scaler;
use Vinculum\Pantry\Catalogue;

final class VinculumServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(Compiled::class, fn (): Compiled => Compiled::load(config()->string('vinculum.compiled')));
        $this->app->singleton(Catalogue::class, fn (): Catalogue => new Catalogue($this->app->make(Compiled::class)->pantry));
        $this->app->singleton(Styles::class, fn (): Styles => new Styles($this->app->make(Compiled::class)->styles));
        $this->app->singleton(Schemas::class, fn (): Schemas => new Schemas(resource_path('schemas')));
        $this->app->singleton(Scaler::class, fn (): Scaler => new Scaler($this->app->make(Catalogue::class)));
    }

    public function boot(): void
    {
        Route::model('recipe', StoredRecipe::class);
    }
}
