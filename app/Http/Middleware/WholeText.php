<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Middleware;

use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Refuses text that is not UTF-8, which could be neither kept nor answered. */
final class WholeText
{
    /** @param  \Closure(Request): Response  $next */
    public function handle(Request $request, \Closure $next): Response
    {
        foreach ([$request->query->all(), $request->request->all()] as $sent) {
            array_walk_recursive($sent, static function (mixed $value, int|string $key): void {
                if (! mb_check_encoding((string) $key, 'UTF-8') || (is_string($value) && ! mb_check_encoding($value, 'UTF-8'))) {
                    abort(422, 'Some of this text is not UTF-8. Copy it again from where it comes from, as plain text.');
                }
            });
        }

        return $next($request);
    }
}
