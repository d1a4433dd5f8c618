<?php

declare(strict_types=1);

use Bibrel\App\Http\Controllers\AccountController;
use Bibrel\App\Http\Controllers\ArchiveController;
use Bibrel\App\Http\Controllers\CommentController;
use Bibrel\App\Http\Controllers\CompanyController;
use Bibrel\App\Http\Controllers\ComposeController;
use Bibrel\App\Http\Controllers\CourseController;
use Bibrel\App\Http\Controllers\CourseLinkController;
use Bibrel\App\Http\Controllers\DraftController;
use Bibrel\App\Http\Controllers\HealthController;
use Bibrel\App\Http\Controllers\KeptController;
use Bibrel\App\Http\Controllers\LookupController;
use Bibrel\App\Http\Controllers\MixController;
use Bibrel\App\Http\Controllers\NoteController;
use Bibrel\App\Http\Controllers\PageController;
use Bibrel\App\Http\Controllers\PaperController;
use Bibrel\App\Http\Controllers\PasswordController;
use Bibrel\App\Http\Controllers\ReferenceController;
use Bibrel\App\Http\Controllers\SeveralSourcesController;
use Bibrel\App\Http\Controllers\ShareController;
use Bibrel\App\Http\Controllers\SharedController;
use Bibrel\App\Http\Controllers\ShellController;
use Bibrel\App\Http\Controllers\SignInController;
use Bibrel\App\Http\Controllers\SourceController;
use Bibrel\App\Http\Middleware\Standing;
use Bibrel\App\Http\Middleware\StartSession;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken as Token;
use Illuminate\Support\Facades\Route;
use Illuminate\View\Middleware\ShareErrorsFromSession as ShareErrors;

Route::get('up', HealthController::class)->withoutMiddleware('web');

// What only reads needs neither a session nor its token, and is asked for at every key or every few seconds.
$reads = [StartSession::class, ShareErrors::class, Token::class];

Route::prefix('api')->group(static function () use ($reads): void {
    Route::get('reference/{release?}', [ReferenceController::class, 'show']);
    Route::get('kinds', [ReferenceController::class, 'kinds']);
    Route::middleware('throttle:compose')->withoutMiddleware($reads)->group(static function (): void {
        Route::post('tidied', [ComposeController::class, 'tidied']);
        Route::post('bylines', [ComposeController::class, 'bylines']);
        Route::post('compose', [ComposeController::class, 'compose']);
    });

    // Who asks.
    Route::get('me', [AccountController::class, 'me']);
    Route::put('me', [AccountController::class, 'name'])->middleware('throttle:saves');
    Route::get('sign-in', [SignInController::class, 'here']);
    Route::delete('sign-in', [SignInController::class, 'end']);
    Route::get('sign-ins', [SignInController::class, 'index']);
    Route::delete('sign-ins/{signIn}', [SignInController::class, 'endOne'])->whereUlid('signIn');
    Route::post('account/stay', [AccountController::class, 'stay']);
    Route::middleware('throttle:accounts')->group(static function (): void {
        Route::post('sign-in', [SignInController::class, 'start']);
        Route::post('account', [AccountController::class, 'open']);
        Route::put('account', [AccountController::class, 'change']);
        Route::delete('account', [AccountController::class, 'leave']);
        Route::post('account/confirm', [PasswordController::class, 'confirmAgain']);
        Route::post('password/forgotten', [PasswordController::class, 'forgotten']);
        Route::post('password', [PasswordController::class, 'renew']);
    });
    Route::post('archive', [ArchiveController::class, 'take'])->middleware('throttle:drafts');

    // By a link somebody was given.
    Route::get('shared/{token}', [SharedController::class, 'show'])->middleware('throttle:links');
    Route::post('shared/{token}', [SharedController::class, 'join'])->middleware('throttle:links');
    Route::get('course/{token}', [CourseLinkController::class, 'show'])->middleware('throttle:links');
    Route::post('course/{token}', [CourseLinkController::class, 'begin'])->middleware('throttle:links');

    Route::get('courses', [CourseController::class, 'index']);
    Route::put('courses/{id}', [CourseController::class, 'put'])->middleware('throttle:saves');
    Route::prefix('courses/{course}')->middleware('can:own,course')->scopeBindings()->group(static function (): void {
        Route::get('/', [CourseController::class, 'show']);
        Route::delete('/', [CourseController::class, 'remove']);
        Route::post('restore', [CourseController::class, 'restore']);
        Route::get('hand-ins/{handIn}', [CourseController::class, 'handIn']);
        Route::put('hand-ins/{handIn}/comments/{id}', [CourseController::class, 'comment'])->middleware('throttle:saves');
        Route::delete('hand-ins/{handIn}/comments/{id}', [CourseController::class, 'removeComment']);
    });

    Route::get('papers', [PaperController::class, 'index']);
    Route::get('bin', [KeptController::class, 'papers']);
    Route::get('search', [PaperController::class, 'search'])->middleware('throttle:compose');
    Route::put('papers/{id}', [PaperController::class, 'put'])->middleware('throttle:saves');
    Route::post('papers/{id}/come-back', [ShareController::class, 'comeBack'])->whereUlid('id');
    Route::get('papers/{paper}/revision', [CompanyController::class, 'revision'])
        ->middleware(['can:view,paper', Standing::class])->withoutMiddleware($reads);

    Route::prefix('papers/{paper}')->middleware('can:view,paper')->scopeBindings()->group(static function (): void {
        Route::post('restore', [PaperController::class, 'restore'])->middleware('can:own,paper');

        Route::middleware(Standing::class)->group(static function (): void {
            Route::get('/', [PaperController::class, 'show']);
            Route::post('copy', [PaperController::class, 'copy'])->middleware('throttle:saves');
            Route::post('absent', [CompanyController::class, 'leave']);
            Route::post('leave', [ShareController::class, 'leave']);
            Route::match(['get', 'post'], 'clipboard', [PageController::class, 'clipboard']);
            Route::get('bin', [KeptController::class, 'sources']);
            Route::get('states', [KeptController::class, 'settingsStates']);
            Route::get('lookups', [LookupController::class, 'index']);
            Route::get('mix', [MixController::class, 'show']);
            Route::get('notes', [NoteController::class, 'index']);
            Route::get('notes/{note}/clipboard', [NoteController::class, 'clipboard']);
            Route::get('comments', [CommentController::class, 'index']);
            Route::get('sources/{source}', [SourceController::class, 'show']);
            Route::get('sources/{source}/page-copy', [SourceController::class, 'pageCopy']);
            Route::get('sources/{source}/states', [KeptController::class, 'sourceStates']);
            Route::post('sources/copy', [SeveralSourcesController::class, 'copy'])->middleware('throttle:saves');

            Route::middleware(['can:comment,paper', 'throttle:saves'])->group(static function (): void {
                Route::put('comments/{id}', [CommentController::class, 'put']);
                Route::post('comments/{comment}/resolve', [CommentController::class, 'resolve']);
                Route::post('comments/{comment}/reopen', [CommentController::class, 'reopen']);
                Route::delete('comments/{comment}', [CommentController::class, 'remove']);
                Route::post('comments/{comment}/restore', [CommentController::class, 'restore']);
            });
            Route::middleware(['can:edit,paper', 'throttle:saves'])->group(static function (): void {
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
                Route::post('notes/arrange', [NoteController::class, 'arrange']);
                Route::put('notes/{id}', [NoteController::class, 'put']);
                Route::delete('notes/{note}', [NoteController::class, 'remove']);
            });
            // A draft is nobody's to read but theirs who write the paper.
            Route::get('draft', [DraftController::class, 'show'])->middleware('can:edit,paper');
            Route::middleware(['can:edit,paper', 'throttle:drafts'])->prefix('draft')->group(static function (): void {
                Route::post('/', [DraftController::class, 'give']);
                Route::put('answers', [DraftController::class, 'answer']);
                Route::delete('/', [DraftController::class, 'throwAway']);
                Route::post('restore', [DraftController::class, 'bringBack']);
            });
            Route::middleware(['can:edit,paper', 'throttle:lookups'])->group(static function (): void {
                Route::post('lookups', [LookupController::class, 'store']);
                Route::post('lookups/{lookup}/retry', [LookupController::class, 'retry']);
                Route::post('lookups/{lookup}/choose', [LookupController::class, 'choose']);
                Route::post('sources/{source}/lookup', [LookupController::class, 'again']);
            });
            Route::middleware(['can:own,paper', 'throttle:saves'])->group(static function (): void {
                Route::delete('/', [PaperController::class, 'remove']);
                Route::get('shares', [ShareController::class, 'index']);
                Route::put('shares/{id}', [ShareController::class, 'put']);
                Route::delete('shares/{share}', [ShareController::class, 'revoke']);
                Route::post('shares/{share}/restore', [ShareController::class, 'restore']);
                Route::post('course', [CourseLinkController::class, 'join']);
                Route::delete('course', [CourseLinkController::class, 'leave']);
                Route::get('hand-ins', [CourseLinkController::class, 'handIns']);
                Route::post('hand-ins', [CourseLinkController::class, 'handIn']);
            });
        });
        Route::post('sources/{source}/restore', [SourceController::class, 'restore'])->middleware('can:edit,paper');
        Route::post('notes/{note}/restore', [NoteController::class, 'restore'])->middleware('can:edit,paper');
    });
    Route::any('{any}', static fn () => abort(404))->where('any', '.*');
});

Route::middleware(['can:view,paper', Standing::class])->group(static function (): void {
    Route::get('papers/{paper}/draft.file', [DraftController::class, 'document'])
        ->middleware(['can:edit,paper', 'throttle:drafts']);
    Route::get('papers/{paper}/page.{format}', [PageController::class, 'document']);
    Route::get('papers/{paper}/notes.md', [PageController::class, 'notes']);
    Route::match(['get', 'post'], 'papers/{paper}/sources.{format}', [PageController::class, 'sources']);
});
Route::get('account/archive.zip', [ArchiveController::class, 'give'])->middleware('throttle:drafts');
Route::get('account/confirm/{account}/{hash}', [PasswordController::class, 'confirm'])
    ->middleware('signed:relative')->name('verification.verify');
Route::get('{any?}', ShellController::class)->where(
    'any',
    '(papers/[0-9A-Za-z]+(/.*)?|courses(/.*)?|account(/.*)?|[sc]/[0-9A-Za-z]+|new-password/[0-9A-Za-z]+)?',
);
