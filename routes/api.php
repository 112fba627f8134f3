<?php

use App\Http\Controllers\AdjustController;
use App\Http\Controllers\BatchController;
use App\Http\Controllers\BatchNoteController;
use App\Http\Controllers\BenchController;
use App\Http\Controllers\BinController;
use App\Http\Controllers\CookController;
use App\Http\Controllers\CookEventController;
use App\Http\Controllers\CookTasteController;
use App\Http\Controllers\CopyController;
use App\Http\Controllers\DifferentController;
use App\Http\Controllers\DoorController;
use App\Http\Controllers\DraftController;
use App\Http\Controllers\EquipmentController;
use App\Http\Controllers\EvaluationController;
use App\Http\Controllers\FamilyController;
use App\Http\Controllers\FindController;
use App\Http\Controllers\FormatController;
use App\Http\Controllers\HouseController;
use App\Http\Controllers\IngredientController;
use App\Http\Controllers\JarController;
use App\Http\Controllers\LogController;
use App\Http\Controllers\MakingController;
use App\Http\Controllers\NoteController;
use App\Http\Controllers\OwnIngredientController;
use App\Http\Controllers\PantryController;
use App\Http\Controllers\PictureController;
use App\Http\Controllers\PlanController;
use App\Http\Controllers\PreferencesController;
use App\Http\Controllers\ReadingController;
use App\Http\Controllers\RecipeController;
use App\Http\Controllers\ScaleController;
use App\Http\Controllers\SchemaController;
use App\Http\Controllers\SeasonController;
use App\Http\Controllers\StopController;
use App\Http\Controllers\StyleController;
use App\Http\Controllers\SwapController;
use App\Http\Controllers\TastingController;
use App\Http\Controllers\TrialController;
use App\Http\Controllers\VersionController;
use App\Http\Controllers\VesselController;
use App\Http\Controllers\WhenController;
use App\Http\Middleware\OnFirstMachine;
use Illuminate\Support\Facades\Route;

Route::get('bench', BenchController::class)->name('bench.index');
Route::post('evaluate', EvaluationController::class)->name('evaluate.store');
Route::post('scale', ScaleController::class)->name('scale.store');
Route::post('plan', [PlanController::class, 'plan'])->name('plan');
Route::post('when', [WhenController::class, 'plan'])->name('when.plan');
Route::post('when/calendar', [WhenController::class, 'calendar'])->name('when.calendar');
Route::post('shopping', [PlanController::class, 'shopping'])->name('shopping');
Route::get('formats', [FormatController::class, 'index'])->name('formats.index');
Route::post('export', [FormatController::class, 'export'])->name('export');
Route::post('import', [FormatController::class, 'import'])->name('import');
Route::post('stop', StopController::class)->name('stop.store');
Route::post('read', NoteController::class)->name('read.store');
Route::post('draft', DraftController::class)->name('draft.store');
Route::get('begin', [DraftController::class, 'beginnings'])->name('begin.beginnings');
Route::post('rebalance', [AdjustController::class, 'rebalance'])->name('rebalance');
Route::post('rescue', [AdjustController::class, 'rescue'])->name('rescue');
Route::post('pot', [AdjustController::class, 'pot'])->name('pot');
Route::post('swap', [SwapController::class, 'options'])->name('swap.options');
Route::post('free', [SwapController::class, 'free'])->name('free');
Route::put('swap-memory', [SwapController::class, 'remember'])->name('swap-memory.remember');
Route::get('seasons', [SeasonController::class, 'index'])->name('seasons.index');
Route::put('seasons/{ingredient}', [SeasonController::class, 'set'])->name('seasons.set');

Route::get('find', FindController::class)->name('find');
Route::get('recipes', [RecipeController::class, 'index'])->name('recipes.index');
Route::post('recipes', [RecipeController::class, 'store'])->name('recipes.store');
Route::get('recipes/{recipe}', [RecipeController::class, 'show'])->name('recipes.show');
Route::get('recipes/{recipe}/text', [RecipeController::class, 'text'])->name('recipes.text');
Route::put('recipes/{recipe}', [RecipeController::class, 'update'])->name('recipes.update');
Route::delete('recipes/{recipe}', [RecipeController::class, 'destroy'])->name('recipes.destroy');
Route::post('recipes/{recipe}/restore', [RecipeController::class, 'restore'])
    ->withTrashed()
    ->name('recipes.restore');
Route::post('recipes/{recipe}/duplicate', [RecipeController::class, 'duplicate'])->name('recipes.duplicate');

Route::get('recipes/{recipe}/versions', [VersionController::class, 'index'])->name('recipes.versions.index');
Route::get('recipes/{recipe}/versions/{version}/beside', [VersionController::class, 'beside'])
    ->whereNumber('version')
    ->name('recipes.versions.beside');
Route::post('recipes/{recipe}/versions/{version}/bring-back', [VersionController::class, 'bringBack'])
    ->whereNumber('version')
    ->name('recipes.versions.bring-back.bringBack');

Route::get('recipes/{recipe}/batches', [BatchController::class, 'index'])->name('recipes.batches.index');
Route::post('recipes/{recipe}/batches', [BatchController::class, 'store'])->name('recipes.batches.store');
Route::get('recipes/{recipe}/trials', [TrialController::class, 'index'])->name('recipes.trials.index');
Route::get('recipes/{recipe}/trials/csv', [TrialController::class, 'csv'])->name('recipes.trials.csv');
Route::get('recipes/{recipe}/next-tries', [TrialController::class, 'worth'])->name('recipes.next-tries.worth');
Route::post('recipes/{recipe}/different', [DifferentController::class, 'read'])->name('recipes.different.read');
Route::put('recipes/{recipe}/family', [FamilyController::class, 'join'])->name('recipes.family.join');
Route::delete('recipes/{recipe}/family', [FamilyController::class, 'split'])->name('recipes.family.split');
Route::post('batches/{batch}/next-try', [TrialController::class, 'setUp'])->name('batches.next-try.setUp');
Route::put('batches/{batch}/different', [DifferentController::class, 'update'])->name('batches.different.update');
Route::put('batches/{batch}/tastings/{tasting}/heard', [TastingController::class, 'heard'])
    ->whereNumber('tasting')
    ->name('batches.tastings.heard');
Route::post('batches/{batch}/readings', [ReadingController::class, 'store'])->name('batches.readings.store');
Route::delete('batches/{batch}/readings/{reading}', [ReadingController::class, 'destroy'])
    ->whereNumber('reading')
    ->name('batches.readings.destroy');
Route::delete('batches/{batch}', [BatchController::class, 'destroy'])->name('batches.destroy');

Route::get('log', [LogController::class, 'index'])->name('log.index');
Route::post('log/import', [LogController::class, 'import'])->name('log.import');
Route::get('log/csv', [LogController::class, 'csv'])->name('log.csv');
Route::post('way-in', [RecipeController::class, 'wayIn'])->name('way-in.wayIn');
Route::get('batches/{batch}', [BatchController::class, 'show'])->name('batches.show');
Route::get('batches/{batch}/document', [BatchController::class, 'document'])->name('batches.document');
Route::get('batches/{batch}/beside/{other}', [BatchController::class, 'beside'])->name('batches.beside');
Route::post('batches/{batch}/again', [BatchController::class, 'again'])->name('batches.again');
Route::post('batches/{batch}/onward', [BatchController::class, 'onward'])->name('batches.onward');
Route::post('batches/{batch}/tastings', [TastingController::class, 'store'])->name('batches.tastings.store');
Route::get('batches/{batch}/next-trial', [TrialController::class, 'next'])->name('batches.next-trial.next');
Route::post('batches/{batch}/blind', [TrialController::class, 'blind'])->name('batches.blind');
Route::delete('batches/{batch}/tastings/{tasting}', [TastingController::class, 'destroy'])
    ->whereNumber('tasting')
    ->name('batches.tastings.destroy');
Route::post('batches/{batch}/jars', [JarController::class, 'store'])->name('batches.jars.store');
Route::put('jars/{jar}', [JarController::class, 'update'])
    ->whereNumber('jar')
    ->name('jars.update');
Route::post('batches/{batch}/pictures', [PictureController::class, 'store'])->name('batches.pictures.store');
Route::get('batches/{batch}/pictures/{picture}', [PictureController::class, 'show'])
    ->whereNumber('picture')
    ->name('batches.pictures.show');
Route::delete('batches/{batch}/pictures/{picture}', [PictureController::class, 'destroy'])
    ->whereNumber('picture')
    ->name('batches.pictures.destroy');
Route::post('batches/{batch}/notes', [BatchNoteController::class, 'store'])->name('batches.notes.store');
Route::put('batches/{batch}/served', [BatchController::class, 'update'])->name('batches.served.update');

Route::get('ingredients', IngredientController::class)->name('ingredients.index');
Route::get('pantry', [PantryController::class, 'index'])->name('pantry.index');
Route::get('pantry/{ingredient}', [PantryController::class, 'show'])->name('pantry.show');
Route::put('pantry/{ingredient}/on-hand', [PantryController::class, 'mark'])->name('pantry.on-hand.mark');
Route::post('own-ingredients', [OwnIngredientController::class, 'store'])->name('own-ingredients.store');
Route::post('own-ingredients/preview', [OwnIngredientController::class, 'preview'])->name('own-ingredients.preview');
Route::put('own-ingredients/{own}', [OwnIngredientController::class, 'update'])->name('own-ingredients.update');
Route::delete('own-ingredients/{own}', [OwnIngredientController::class, 'destroy'])->name('own-ingredients.destroy');
Route::post('own-ingredients/{own}/instead-in/{recipe}', [OwnIngredientController::class, 'insteadIn'])->name(
    'own-ingredients.instead-in.insteadIn',
);
Route::post('recipes/{recipe}/as-ingredient', [OwnIngredientController::class, 'fromRecipe'])->name(
    'recipes.as-ingredient.fromRecipe',
);

Route::get('equipment', [EquipmentController::class, 'index'])->name('equipment.index');
Route::put('equipment', [EquipmentController::class, 'replace'])->name('equipment.replace');
Route::get('vessels', [VesselController::class, 'index'])->name('vessels.index');
Route::put('vessels', [VesselController::class, 'replace'])->name('vessels.replace');
Route::get('preferences', [PreferencesController::class, 'show'])->name('preferences.show');
Route::put('preferences', [PreferencesController::class, 'replace'])->name('preferences.replace');
Route::get('styles', [StyleController::class, 'index'])->name('styles.index');
Route::get('styles/map', [StyleController::class, 'map'])->name('styles.map');
Route::post('styles', [StyleController::class, 'store'])->name('styles.store');
Route::put('styles/{style}', [StyleController::class, 'update'])->name('styles.update');
Route::delete('styles/{style}', [StyleController::class, 'destroy'])->name('styles.destroy');
Route::post('recipes/{recipe}/as-style', [StyleController::class, 'ofRecipe'])->name('recipes.as-style.ofRecipe');
Route::post('batches/{batch}/liked-style', [StyleController::class, 'ofLikes'])->name('batches.liked-style.ofLikes');
Route::post('batches/{batch}/as-style', [StyleController::class, 'ofBatch'])->name('batches.as-style.ofBatch');

Route::get('makings', [MakingController::class, 'index'])->name('makings.index');
Route::post('makings', [MakingController::class, 'store'])->name('makings.store');
Route::get('makings/{making}', [MakingController::class, 'show'])->name('makings.show');
Route::put('makings/{making}', [MakingController::class, 'update'])->name('makings.update');
Route::delete('makings/{making}', [MakingController::class, 'destroy'])->name('makings.destroy');
Route::get('recipes/{recipe}/making', [MakingController::class, 'start'])->name('recipes.making.start');
Route::delete('paces', [MakingController::class, 'forget'])->name('paces.forget');

Route::get('cooks', [CookController::class, 'index'])->name('cooks.index');
Route::post('cooks', [CookController::class, 'store'])->name('cooks.store');
Route::get('cooks/{cook}', [CookController::class, 'show'])->name('cooks.show');
Route::delete('cooks/{cook}', [CookController::class, 'destroy'])->name('cooks.destroy');
Route::post('cooks/{cook}/events', [CookEventController::class, 'store'])->name('cooks.events.store');
Route::post('cooks/{cook}/readings', [CookEventController::class, 'deliver'])->name('cooks.readings.deliver');
Route::post('cooks/{cook}/instruments/{what}', [CookEventController::class, 'measure'])
    ->whereIn('what', ['mass', 'temperature', 'ph', 'brix'])
    ->name('cooks.instruments.measure');
Route::post('cooks/{cook}/taste', [CookTasteController::class, 'store'])->name('cooks.taste.store');
Route::post('cooks/{cook}/tongue', [CookTasteController::class, 'show'])->name('cooks.tongue.show');
Route::post('cooks/{cook}/finish', [CookController::class, 'finish'])->name('cooks.finish');

Route::get('house', [HouseController::class, 'show'])->name('house.show');
Route::get('house/door', [DoorController::class, 'index'])->name('house.door.index');
Route::post('house/bin/{kind}/{id}/restore', [BinController::class, 'restore'])
    ->where('kind', '[a-z]+')
    ->name('house.bin.restore');
// what looks after the whole house is done on the machine it lives on
Route::middleware(OnFirstMachine::class)->group(static function (): void {
    Route::post('house/copies', [CopyController::class, 'store'])->name('house.copies.store');
    Route::get('house/copies/{copy}', [CopyController::class, 'show'])
        ->where('copy', '[a-z0-9.-]+')
        ->name('house.copies.show');
    Route::post('house/copies/{copy}/put-back', [CopyController::class, 'putBack'])
        ->where('copy', '[a-z0-9.-]+')
        ->name('house.copies.put-back.putBack');
    Route::put('house/passphrase', [DoorController::class, 'passphrase'])->name('house.passphrase');
    Route::post('house/pairing', [DoorController::class, 'pair'])->name('house.pairing.pair');
    Route::delete('house/devices/{device}', [DoorController::class, 'forget'])->name('house.devices.forget');
    Route::get('house/archive', [HouseController::class, 'archive'])->name('house.archive');
    Route::delete('house/bin/{kind}/{id}', [BinController::class, 'destroy'])
        ->where('kind', '[a-z]+')
        ->name('house.bin.destroy');
    Route::delete('house/bin', [BinController::class, 'empty'])->name('house.bin.empty');
});

Route::get('openapi.json', [SchemaController::class, 'openApi'])->name('openapi.openApi');
Route::get('{schema}.schema.json', [SchemaController::class, 'schema'])
    ->where('schema', '[a-z-]+')
    ->name('schema');
