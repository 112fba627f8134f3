<?php

use App\Http\Controllers\DoorController;
use App\Http\Controllers\ScreenController;
use Illuminate\Support\Facades\Route;

Route::get('/sign-in', [DoorController::class, 'page'])->name('sign-in');
Route::post('/sign-in', [DoorController::class, 'open'])->name('sign-in.open');

// Every screen is one page; the front end reads the address.
Route::get('/{screen?}', ScreenController::class)->where('screen', '(?!api/).*')->name('screen');
