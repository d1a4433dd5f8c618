<?php

declare(strict_types=1);

use Bibrel\App\Http\Controllers\BatchController;
use Bibrel\App\Http\Controllers\ComposeController;
use Bibrel\App\Http\Controllers\LookupController;
use Bibrel\App\Http\Controllers\PageController;
use Bibrel\App\Http\Controllers\PaperController;
use Bibrel\App\Http\Controllers\ReferenceController;
use Bibrel\App\Http\Controllers\SourceController;
use Illuminate\Support\Facades\Route;

Route::prefix('api')->group(static function (): void {
    Route::get('reference', [ReferenceController::class, 'show']);
    Route::get('kinds', [ReferenceController::class, 'kinds']);
    Route::get('papers', [PaperController::class, 'index']);
    Route::get('papers/{paper}', [PaperController::class, 'show']);
    Route::put('papers/{paper}', [PaperController::class, 'put']);
    Route::delete('papers/{paper}', [PaperController::class, 'remove']);
    Route::post('papers/{paper}/restore', [PaperController::class, 'restore']);
    Route::put('papers/{paper}/sources/{source}', [SourceController::class, 'put']);
    Route::delete('papers/{paper}/sources/{source}', [SourceController::class, 'remove']);
    Route::post('papers/{paper}/sources/{source}/restore', [SourceController::class, 'restore']);
    Route::get('papers/{paper}/sources/{source}/page-copy', [SourceController::class, 'pageCopy']);
    Route::post('papers/{paper}/lookups', [LookupController::class, 'store']);
    Route::post('papers/{paper}/sources/{source}/lookup', [LookupController::class, 'again']);
    Route::post('papers/{paper}/sources/{source}/part', [SourceController::class, 'part']);
    Route::post('papers/{paper}/batches', [BatchController::class, 'store']);
    Route::get('papers/{paper}/batches/{batch}', [BatchController::class, 'show']);
    Route::post('papers/{paper}/batches/{batch}/leads/{place}/retry', [BatchController::class, 'retry'])->whereNumber('place');
    Route::post('tidied', [ComposeController::class, 'tidied']);
    Route::post('bylines', [ComposeController::class, 'bylines']);
    Route::post('compose', [ComposeController::class, 'compose']);
    Route::get('papers/{paper}/clipboard', [PageController::class, 'clipboard']);
    Route::any('{any}', static fn () => abort(404))->where('any', '.*');
});

Route::get('papers/{paper}/page.docx', [PageController::class, 'docx']);
Route::view('{any?}', 'app')->where('any', '(papers/[0-9A-Za-z]+(/.*)?)?');
