<?php

declare(strict_types=1);

use App\Http\Controllers\PageController;
use App\Http\Controllers\SignInController;
use Illuminate\Support\Facades\Route;

// The interface is one page; its own router shows the shelf, the desk or the handing over.
Route::get('/', [PageController::class, 'show']);
Route::get('/sign-in', [SignInController::class, 'ask']);
Route::post('/sign-in', [SignInController::class, 'give'])->middleware('throttle:sign-in');
Route::get('/d/{path}', [PageController::class, 'show'])->where('path', '.*');
