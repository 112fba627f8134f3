<?php

declare(strict_types=1);

namespace App\Providers;

use App\House\HouseConnector;
use App\Models\Batch;
use App\Models\CookRecord;
use App\Models\Device;
use App\Models\JarRecord;
use App\Models\OwnIngredientRecord;
use App\Models\OwnStyle;
use App\Models\StoredRecipe;
use App\Pantry\Compiled;
use App\Pantry\Household;
use App\Recipes\Styles;
use App\Support\Schemas;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\ServiceProvider;
use Vinculum\Pantry\Catalogue;
use Vinculum\Pantry\Vocabulary;
use Vinculum\Words\Speech;

final class VinculumServiceProvider extends ServiceProvider
{
    /**
     * Where what is kept lies, and how the house is reached: said where it is served, whenever the rest was put
     * together.
     */
    private const SAID_WHERE_SERVED = [
        'VINCULUM_DATABASE' => 'database.connections.sqlite.database',
        'VINCULUM_COMPILED' => 'vinculum.compiled',
        'VINCULUM_BACKUPS' => 'vinculum.backups',
        'VINCULUM_HOUSE' => 'vinculum.house',
    ];

    public function register(): void
    {
        foreach (self::SAID_WHERE_SERVED as $name => $key) {
            $said = getenv($name);
            if ($said !== false) {
                config()->set($key, $said);
            }
        }
        $this->app->bind('db.connector.sqlite', HouseConnector::class);
        $compiled = static fn (): Compiled => Compiled::load(config()->string('vinculum.compiled'));
        $this->app->singleton(Compiled::class, $compiled);
        $this->app->scoped(Household::class);
        $this->app->bind(Catalogue::class, fn (): Catalogue => $this->app->make(Household::class)->catalogue());
        $this->app->scoped(Styles::class, fn (): Styles => new Styles($this->app->make(Compiled::class)->styles));
        $this->app->bind(
            Vocabulary::class,
            fn (): Vocabulary => $this->app->make(Household::class)->shipped()->vocabulary,
        );
        $this->app->bind(Speech::class, fn (): Speech => $this->app->make(Household::class)->preferences()->speech());
        $this->app->singleton(Schemas::class, fn (): Schemas => new Schemas(resource_path('schemas')));
    }

    public function boot(): void
    {
        Route::model('recipe', StoredRecipe::class);
        Route::model('own', OwnIngredientRecord::class);
        Route::model('batch', Batch::class);
        Route::model('style', OwnStyle::class);
        Route::model('cook', CookRecord::class);
        Route::model('other', Batch::class);
        Route::model('jar', JarRecord::class);
        Route::model('device', Device::class);
    }
}
