<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Middleware;

use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Refuses what cannot be read as it was meant: text that is not UTF-8, and JSON that is none. */
final class WholeText
{
    /** @param  \Closure(Request): Response  $next */
    public function handle(Request $request, \Closure $next): Response
    {
        $isEmpty = in_array(trim($request->getContent()), ['', '{}', '[]'], true);
        if ($request->isJson() && $request->json()->count() === 0 && ! $isEmpty) {
            abort(422, 'The request is no JSON, or it is nested too deep to be kept.');
        }
        foreach ([$request->query->all(), $request->request->all()] as $sent) {
            array_walk_recursive($sent, static function (mixed $value, int|string $key): void {
                if (! mb_check_encoding([(string) $key, is_string($value) ? $value : ''], 'UTF-8')) {
                    abort(422, 'Some of this text is not UTF-8. Copy it again from where it comes from, as plain '
                        .'text.');
                }
            });
        }

        return $next($request);
    }
}
