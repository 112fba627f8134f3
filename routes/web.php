<?php

use App\Http\Controllers\ScreenController;
use Illuminate\Support\Facades\Route;

// Every screen is one page; the front end reads the address.
Route::get('/{screen?}', ScreenController::class)->where('screen', '(?!api/).*');
