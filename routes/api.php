<?php

declare(strict_types=1);

use App\Http\Controllers\ArchiveController;
use App\Http\Controllers\CheckController;
use App\Http\Controllers\CommandController;
use App\Http\Controllers\CompareController;
use App\Http\Controllers\DocumentController;
use App\Http\Controllers\DrawingController;
use App\Http\Controllers\EvaluateController;
use App\Http\Controllers\ExportController;
use App\Http\Controllers\FontController;
use App\Http\Controllers\HistoryController;
use App\Http\Controllers\IconController;
use App\Http\Controllers\IntentController;
use App\Http\Controllers\KindController;
use App\Http\Controllers\KitController;
use App\Http\Controllers\MeasureController;
use App\Http\Controllers\MeasuredController;
use App\Http\Controllers\PictureController;
use App\Http\Controllers\PictureLibraryController;
use App\Http\Controllers\RenderController;
use App\Http\Controllers\SettingController;
use App\Http\Controllers\SheetController;
use App\Http\Controllers\SnapController;
use App\Http\Controllers\TableController;
use App\Http\Controllers\TokenController;
use Illuminate\Support\Facades\Route;

Route::get('documents', [DocumentController::class, 'index']);
Route::post('documents', [DocumentController::class, 'store']);
Route::post('documents/import', [DocumentController::class, 'import']);
Route::get('documents/{document}/file', [DocumentController::class, 'file']);
Route::get('documents/files', [DocumentController::class, 'files']);
Route::get('documents/{document}', [DocumentController::class, 'show']);
Route::patch('documents/{document}', [DocumentController::class, 'update']);
Route::delete('documents/{document}', [DocumentController::class, 'destroy']);
Route::post('documents/{document}/restore', [DocumentController::class, 'restore']);
Route::post('documents/{document}/copy', [DocumentController::class, 'copy']);

Route::post('documents/{document}/sheets', [SheetController::class, 'store']);
Route::get('sheets/{sheet}', [SheetController::class, 'show']);
Route::get('sheets/{sheet}/revision', [SheetController::class, 'revision']);
Route::patch('sheets/{sheet}', [SheetController::class, 'update']);
Route::delete('sheets/{sheet}', [SheetController::class, 'destroy']);
Route::post('sheets/{sheet}/copy', [SheetController::class, 'copy']);
Route::post('sheets/{sheet}/variants', [CompareController::class, 'add']);
Route::post('sheets/{sheet}/compare', [CompareController::class, 'compare']);
Route::post('sheets/{sheet}/choose', [CompareController::class, 'choose']);
Route::post('sheets/{sheet}/widths', [SheetController::class, 'addWidth']);
Route::post('evaluate', [EvaluateController::class, 'alone']);
Route::post('sheets/{sheet}/evaluate', [EvaluateController::class, 'onSheet']);

Route::post('sheets/{sheet}/surroundings', [MeasureController::class, 'surroundings']);
Route::match(['get', 'post'], 'sheets/{sheet}/gaps', [MeasureController::class, 'gaps']);
Route::post('sheets/{sheet}/intent', [IntentController::class, 'read']);
Route::get('sheets/{sheet}/findings', [CheckController::class, 'show']);
Route::get('sheets/{sheet}/findings.html', [CheckController::class, 'html']);
Route::get('sheets/{sheet}/findings.pdf', [CheckController::class, 'pdf'])->middleware('throttle:drawing');
Route::get('sheets/{sheet}/distance', [MeasureController::class, 'distance']);
Route::post('sheets/{sheet}/snap', [SnapController::class, 'candidates']);

Route::get('kinds', [KindController::class, 'index']);
Route::get('commands', [CommandController::class, 'index']);
Route::post('sheets/{id}/commands', [CommandController::class, 'run']);

Route::post('documents/{document}/undo', [HistoryController::class, 'undo']);
Route::post('documents/{document}/redo', [HistoryController::class, 'redo']);
Route::get('documents/{document}/history', [HistoryController::class, 'index']);
Route::post('documents/{document}/history/{line}', [HistoryController::class, 'goTo'])->whereNumber('line');

Route::get('sheets/{sheet}/render.svg', [RenderController::class, 'svg']);
Route::get('sheets/{sheet}/colour', [RenderController::class, 'colour'])->middleware('throttle:drawing');
Route::get('sheets/{sheet}/contrast', [RenderController::class, 'contrast'])->middleware('throttle:drawing');
Route::get('sheets/{sheet}/render.png', [RenderController::class, 'png'])->middleware('throttle:drawing');
Route::get('sheets/{sheet}/render.pdf', [RenderController::class, 'pdf'])->middleware('throttle:drawing');

Route::get('sheets/{sheet}/measured', [MeasuredController::class, 'show']);
Route::get('sheets/{sheet}/measured.svg', [MeasuredController::class, 'svg']);
Route::get('sheets/{sheet}/measured.pdf', [MeasuredController::class, 'pdf'])->middleware('throttle:drawing');
Route::get('sheets/{sheet}/measured.html', [MeasuredController::class, 'html']);

Route::post('sheets/{sheet}/export', [ExportController::class, 'export']);
Route::post('sheets/{sheet}/export/plan', [ExportController::class, 'plan']);
Route::get('documents/{document}/archives', [ArchiveController::class, 'index']);
Route::get('archives/{archive}', [ArchiveController::class, 'show']);
Route::delete('archives/{archive}', [ArchiveController::class, 'destroy']);
Route::post('archives/{archive}/again', [ArchiveController::class, 'again']);
Route::get('archives/{archive}/file', [ArchiveController::class, 'file']);

Route::post('sheets/{sheet}/setting', [SettingController::class, 'set']);
Route::get('kits', [KitController::class, 'index']);
Route::get('kits/{kit}', [KitController::class, 'show']);
Route::get('sheets/{sheet}/kits/{kit}.svg', [KitController::class, 'picture']);
Route::get('sheets/{sheet}/tokens.json', [TokenController::class, 'json']);
Route::get('sheets/{sheet}/tokens.css', [TokenController::class, 'css']);
Route::get('picture-library', [PictureLibraryController::class, 'search']);
Route::get('picture-library/{picture}.svg', [PictureLibraryController::class, 'show']);
Route::post('picture-library/{picture}/take', [PictureLibraryController::class, 'take'])->middleware('throttle:drawing');
Route::get('icons', [IconController::class, 'search']);
Route::post('drawings/read', [DrawingController::class, 'read'])->middleware('throttle:drawing');
Route::post('lists/read', [TableController::class, 'read']);
Route::get('sheets/{sheet}/tables/{table}.csv', [TableController::class, 'csv']);
Route::get('sheets/{sheet}/tables/{table}.html', [TableController::class, 'html']);
Route::post('pictures', [PictureController::class, 'store']);
Route::get('pictures/{picture}', [PictureController::class, 'show']);
Route::get('pictures/{picture}/about', [PictureController::class, 'about']);
Route::post('fonts', [FontController::class, 'store'])->middleware('throttle:drawing');
Route::get('fonts', [FontController::class, 'index']);
Route::get('fonts/{font}/{hash}', [FontController::class, 'outlines']);
