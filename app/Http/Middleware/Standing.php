<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Middleware;

use Bibrel\App\Exceptions\Removed;
use Bibrel\App\Models\Note;
use Bibrel\App\Models\Paper;
use Bibrel\App\Models\SourceRecord;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Lets nothing through to what lies in a bin, but says that it lies there: it can be brought back. */
final class Standing
{
    /** @param  \Closure(Request): Response  $next */
    public function handle(Request $request, \Closure $next): Response
    {
        foreach ($request->route()?->parameters() ?? [] as $bound) {
            if (($bound instanceof Paper || $bound instanceof SourceRecord || $bound instanceof Note) && $bound->trashed()) {
                throw new Removed($bound);
            }
        }

        return $next($request);
    }
}
