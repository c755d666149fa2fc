<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route;

// The interface is one page; its own router shows the shelf, the desk or the handing over.
Route::view('/', 'desk');
Route::view('/d/{path}', 'desk')->where('path', '.*');
