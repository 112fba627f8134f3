<?php

use App\Http\Controllers\AdjustController;
use App\Http\Controllers\BatchController;
use App\Http\Controllers\DoorController;
use App\Http\Controllers\DraftController;
use App\Http\Controllers\EquipmentController;
use App\Http\Controllers\EvaluationController;
use App\Http\Controllers\FormatController;
use App\Http\Controllers\HouseController;
use App\Http\Controllers\IngredientController;
use App\Http\Controllers\LogController;
use App\Http\Controllers\NoteController;
use App\Http\Controllers\OwnIngredientController;
use App\Http\Controllers\PantryController;
use App\Http\Controllers\PlanController;
use App\Http\Controllers\PreferencesController;
use App\Http\Controllers\RecipeController;
use App\Http\Controllers\ScaleController;
use App\Http\Controllers\SchemaController;
use App\Http\Controllers\SeasonController;
use App\Http\Controllers\StopController;
use App\Http\Controllers\StoveController;
use App\Http\Controllers\StyleController;
use App\Http\Controllers\SwapController;
use App\Http\Controllers\VersionController;
use App\Http\Controllers\VesselController;
use App\Http\Controllers\WhenController;
use Illuminate\Support\Facades\Route;

Route::post('evaluate', EvaluationController::class);
Route::post('scale', ScaleController::class);
Route::post('plan', [PlanController::class, 'plan']);
Route::post('when', [WhenController::class, 'plan']);
Route::post('when/calendar', [WhenController::class, 'calendar']);
Route::post('shopping', [PlanController::class, 'shopping']);
Route::post('export', [FormatController::class, 'export']);
Route::post('import', [FormatController::class, 'import']);
Route::post('stop', StopController::class);
Route::post('read', NoteController::class);
Route::post('draft', DraftController::class);
Route::post('rebalance', [AdjustController::class, 'rebalance']);
Route::post('rescue', [AdjustController::class, 'rescue']);
Route::post('pot', [AdjustController::class, 'pot']);
Route::post('swap', [SwapController::class, 'options']);
Route::post('free', [SwapController::class, 'free']);
Route::put('swap-memory', [SwapController::class, 'remember']);
Route::get('seasons', [SeasonController::class, 'index']);
Route::put('seasons/{ingredient}', [SeasonController::class, 'set']);

Route::get('recipes', [RecipeController::class, 'index']);
Route::post('recipes', [RecipeController::class, 'store']);
Route::get('recipes/{recipe}', [RecipeController::class, 'show']);
Route::get('recipes/{recipe}/text', [RecipeController::class, 'text']);
Route::put('recipes/{recipe}', [RecipeController::class, 'update']);
Route::delete('recipes/{recipe}', [RecipeController::class, 'destroy']);
Route::post('recipes/{recipe}/restore', [RecipeController::class, 'restore'])->withTrashed();
Route::post('recipes/{recipe}/duplicate', [RecipeController::class, 'duplicate']);

Route::get('recipes/{recipe}/versions', [VersionController::class, 'index']);
Route::get('recipes/{recipe}/versions/{version}/beside', [VersionController::class, 'beside'])->whereNumber('version');
Route::post('recipes/{recipe}/versions/{version}/bring-back', [VersionController::class, 'bringBack'])->whereNumber('version');

Route::get('recipes/{recipe}/batches', [BatchController::class, 'index']);
Route::post('recipes/{recipe}/batches', [BatchController::class, 'store']);
Route::post('batches/{batch}/readings', [BatchController::class, 'read']);
Route::delete('batches/{batch}/readings/{reading}', [BatchController::class, 'setAside'])->whereNumber('reading');
Route::delete('batches/{batch}', [BatchController::class, 'destroy']);

Route::get('log', [LogController::class, 'index']);
Route::get('log/csv', [LogController::class, 'csv']);
Route::get('batches/{batch}', [LogController::class, 'show']);
Route::get('batches/{batch}/document', [LogController::class, 'document']);
Route::get('batches/{batch}/beside/{other}', [LogController::class, 'beside']);
Route::post('batches/{batch}/again', [LogController::class, 'again']);
Route::post('batches/{batch}/tastings', [LogController::class, 'taste']);
Route::delete('batches/{batch}/tastings/{tasting}', [LogController::class, 'takeBack'])->whereNumber('tasting');
Route::post('batches/{batch}/jars', [LogController::class, 'fill']);
Route::put('jars/{jar}', [LogController::class, 'jar'])->whereNumber('jar');
Route::post('batches/{batch}/notes', [LogController::class, 'note']);

Route::get('ingredients', IngredientController::class);
Route::get('pantry', [PantryController::class, 'index']);
Route::get('pantry/{ingredient}', [PantryController::class, 'show']);
Route::put('pantry/{ingredient}/on-hand', [PantryController::class, 'mark']);
Route::post('own-ingredients', [OwnIngredientController::class, 'store']);
Route::post('own-ingredients/preview', [OwnIngredientController::class, 'preview']);
Route::put('own-ingredients/{own}', [OwnIngredientController::class, 'update']);
Route::delete('own-ingredients/{own}', [OwnIngredientController::class, 'destroy']);
Route::post('own-ingredients/{own}/instead-in/{recipe}', [OwnIngredientController::class, 'insteadIn']);
Route::post('recipes/{recipe}/as-ingredient', [OwnIngredientController::class, 'fromRecipe']);

Route::get('equipment', [EquipmentController::class, 'index']);
Route::put('equipment', [EquipmentController::class, 'replace']);
Route::get('vessels', [VesselController::class, 'index']);
Route::put('vessels', [VesselController::class, 'replace']);
Route::get('preferences', [PreferencesController::class, 'show']);
Route::put('preferences', [PreferencesController::class, 'replace']);
Route::get('styles', [StyleController::class, 'index']);
Route::post('styles', [StyleController::class, 'store']);
Route::put('styles/{style}', [StyleController::class, 'update']);
Route::delete('styles/{style}', [StyleController::class, 'destroy']);
Route::post('recipes/{recipe}/as-style', [StyleController::class, 'ofRecipe']);
Route::post('batches/{batch}/as-style', [StyleController::class, 'ofBatch']);

Route::get('cooks', [StoveController::class, 'index']);
Route::post('cooks', [StoveController::class, 'begin']);
Route::get('cooks/{cook}', [StoveController::class, 'show']);
Route::delete('cooks/{cook}', [StoveController::class, 'takeOff']);
Route::post('cooks/{cook}/events', [StoveController::class, 'happened']);
Route::post('cooks/{cook}/readings', [StoveController::class, 'deliver']);
Route::post('cooks/{cook}/instruments/{what}', [StoveController::class, 'measure'])->whereIn('what', ['mass', 'temperature', 'ph', 'brix']);
Route::post('cooks/{cook}/taste', [StoveController::class, 'taste']);
Route::post('cooks/{cook}/tongue', [StoveController::class, 'tongue']);
Route::post('cooks/{cook}/finish', [StoveController::class, 'finish']);

Route::get('house', [HouseController::class, 'show']);
Route::post('house/copies', [HouseController::class, 'copy']);
Route::get('house/copies/{copy}', [HouseController::class, 'look'])->where('copy', '[a-z0-9.-]+');
Route::post('house/copies/{copy}/put-back', [HouseController::class, 'putBack'])->where('copy', '[a-z0-9.-]+');
Route::get('house/door', [DoorController::class, 'index']);
Route::put('house/passphrase', [DoorController::class, 'passphrase']);
Route::post('house/pairing', [DoorController::class, 'pair']);
Route::delete('house/devices/{device}', [DoorController::class, 'forget']);
Route::get('house/archive', [HouseController::class, 'archive']);
Route::delete('house/bin/{recipe}', [HouseController::class, 'forget'])->withTrashed();

Route::get('openapi.json', [SchemaController::class, 'openApi']);
Route::get('{schema}.schema.json', [SchemaController::class, 'schema'])->where('schema', '[a-z-]+');
