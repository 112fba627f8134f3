<?php

use App\Http\Controllers\DoorController;
use App\Http\Controllers\ScreenController;
use Illuminate\Support\Facades\Route;

Route::get('/sign-in', [DoorController::class, 'page'])->name('sign-in');
Route::post('/sign-in', [DoorController::class, 'open'])->name('sign-in.open');
Route::get('/sign-out', [DoorController::class, 'leave'])->name('sign-out');
Route::post('/sign-out', [DoorController::class, 'signOut'])->name('sign-out.leave');

// Every screen is one page; the front end reads the address.
Route::get('/{screen?}', ScreenController::class)->where('screen', '(?!api/).*')->name('screen');
