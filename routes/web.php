<?php

declare(strict_types=1);

use Bibrel\App\Http\Controllers\ComposeController;
use Bibrel\App\Http\Controllers\DraftController;
use Bibrel\App\Http\Controllers\HealthController;
use Bibrel\App\Http\Controllers\KeptController;
use Bibrel\App\Http\Controllers\LookupController;
use Bibrel\App\Http\Controllers\PageController;
use Bibrel\App\Http\Controllers\PaperController;
use Bibrel\App\Http\Controllers\ReferenceController;
use Bibrel\App\Http\Controllers\SeveralSourcesController;
use Bibrel\App\Http\Controllers\ShellController;
use Bibrel\App\Http\Controllers\SourceController;
use Bibrel\App\Http\Middleware\Standing;
use Bibrel\App\Http\Middleware\StartSession;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken as Token;
use Illuminate\Support\Facades\Route;
use Illuminate\View\Middleware\ShareErrorsFromSession as ShareErrors;

Route::get('up', HealthController::class)->withoutMiddleware('web');

Route::prefix('api')->group(static function (): void {
    Route::get('reference/{release?}', [ReferenceController::class, 'show']);
    Route::get('kinds', [ReferenceController::class, 'kinds']);
    // What only reads needs neither a session nor its token, and is asked for at every key.
    $read = ['middleware' => 'throttle:compose', 'excluded_middleware' => [StartSession::class, ShareErrors::class, Token::class]];
    Route::group($read, static function (): void {
        Route::post('tidied', [ComposeController::class, 'tidied']);
        Route::post('bylines', [ComposeController::class, 'bylines']);
        Route::post('compose', [ComposeController::class, 'compose']);
    });
    Route::get('papers', [PaperController::class, 'index']);
    Route::get('bin', [KeptController::class, 'papers']);
    Route::put('papers/{id}', [PaperController::class, 'put'])->middleware('throttle:saves');

    Route::prefix('papers/{paper}')->middleware('can:view,paper')->scopeBindings()->group(static function (): void {
        Route::post('restore', [PaperController::class, 'restore']);

        Route::middleware(Standing::class)->group(static function (): void {
            Route::get('/', [PaperController::class, 'show']);
            Route::get('revision', [PaperController::class, 'revision']);
            Route::match(['get', 'post'], 'clipboard', [PageController::class, 'clipboard']);
            Route::get('bin', [KeptController::class, 'sources']);
            Route::get('states', [KeptController::class, 'settingsStates']);
            Route::get('lookups', [LookupController::class, 'index']);
            Route::get('draft', [DraftController::class, 'show']);
            Route::get('sources/{source}', [SourceController::class, 'show']);
            Route::get('sources/{source}/page-copy', [SourceController::class, 'pageCopy']);
            Route::get('sources/{source}/states', [KeptController::class, 'sourceStates']);

            Route::middleware('throttle:saves')->group(static function (): void {
                Route::delete('/', [PaperController::class, 'remove']);
                Route::post('states/{state}/restore', [PaperController::class, 'goBack'])->whereNumber('state');
                Route::post('sources/remove', [SeveralSourcesController::class, 'remove']);
                Route::post('sources/bring-back', [SeveralSourcesController::class, 'bringBack']);
                Route::post('sources/move', [SeveralSourcesController::class, 'move']);
                Route::put('sources/{id}', [SourceController::class, 'put']);
                Route::delete('sources/{source}', [SourceController::class, 'remove']);
                Route::post('sources/{source}/part', [SourceController::class, 'part']);
                Route::post('sources/{source}/states/{state}/restore', [SourceController::class, 'goBack'])
                    ->whereNumber('state');
                Route::delete('lookups', [LookupController::class, 'dismissEnded']);
                Route::delete('lookups/{lookup}', [LookupController::class, 'dismiss']);
            });
            Route::middleware('throttle:drafts')->prefix('draft')->group(static function (): void {
                Route::post('/', [DraftController::class, 'give']);
                Route::put('answers', [DraftController::class, 'answer']);
                Route::delete('/', [DraftController::class, 'throwAway']);
            });
            Route::middleware('throttle:lookups')->group(static function (): void {
                Route::post('lookups', [LookupController::class, 'store']);
                Route::post('lookups/{lookup}/retry', [LookupController::class, 'retry']);
                Route::post('lookups/{lookup}/choose', [LookupController::class, 'choose']);
                Route::post('sources/{source}/lookup', [LookupController::class, 'again']);
            });
        });
        Route::post('sources/{source}/restore', [SourceController::class, 'restore']);
    });
    Route::any('{any}', static fn () => abort(404))->where('any', '.*');
});

Route::middleware(['can:view,paper', Standing::class])->group(static function (): void {
    Route::get('papers/{paper}/draft.file', [DraftController::class, 'document'])->middleware('throttle:drafts');
    Route::get('papers/{paper}/page.{format}', [PageController::class, 'document']);
    Route::match(['get', 'post'], 'papers/{paper}/sources.{format}', [PageController::class, 'sources']);
});
Route::get('{any?}', ShellController::class)->where('any', '(papers/[0-9A-Za-z]+(/.*)?)?');
