<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Controllers;

use Bibrel\App\Http\Resources\PaperResource;
use Bibrel\App\Models\Guest;
use Bibrel\App\Models\Paper;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The page every address of the interface answers with, and in it what its screen needs first. */
final class ShellController
{
    private const ENTRY = 'resources/js/main.tsx';

    private const LIST = 'resources/js/papers/PapersPage.tsx';

    private const PAPER = 'resources/js/paper/PaperScreen.tsx';

    public function __invoke(Request $request, #[CurrentUser] Guest $guest, string $any = ''): Response
    {
        $id = preg_match('~^papers/([0-9A-Za-z]{26})(?:/|$)~', $any, $m) === 1 ? $m[1] : null;
        /** @var ?Paper $paper somebody else's, or one in the bin, is told of by the answer to its own request */
        $paper = $id === null ? null : Paper::query()->with('sources')->find($id);
        $paper = $paper !== null && $guest->can('view', $paper) ? $paper : null;
        if ($paper !== null) {
            $guest->arrive();
        }
        $build = self::build();
        $needed = [self::ENTRY, $id === null ? self::LIST : self::PAPER];

        // A paper in it is private, and old by the time somebody comes back to it.
        $headers = $paper === null ? [] : ['Cache-Control' => 'no-store, private'];
        // Nor is a link somebody was given anything for a search engine.
        $headers += $any === '' ? [] : ['X-Robots-Tag' => 'noindex'];

        return response()->view('app', [
            'nonce' => $request->attributes->get('nonce'),
            'release' => config('bibrel.release'),
            'entry' => $build[self::ENTRY],
            'styles' => self::styles($build, $needed),
            'scripts' => self::scripts($build, $needed),
            'first' => $paper === null ? null : (new PaperResource($paper))->toJson(
                JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_HEX_TAG | JSON_HEX_AMP | JSON_THROW_ON_ERROR,
            ),
        ], headers: $headers);
    }

    /** @return array<string, array{file: string, css?: list<string>, imports?: list<string>}> what was built, by its source */
    private static function build(): array
    {
        static $build = null;

        return $build ??= json_decode((string) file_get_contents(public_path('build/.vite/manifest.json')), true);
    }

    /**
     * @param  array<string, array{file: string, css?: list<string>, imports?: list<string>}>  $build
     * @param  list<string>  $of
     * @return list<string>
     */
    private static function styles(array $build, array $of): array
    {
        $styles = array_map(static fn (string $one): array => $build[$one]['css'] ?? [], self::chunks($build, $of));

        return array_values(array_unique(array_merge(...$styles)));
    }

    /**
     * @param  array<string, array{file: string, css?: list<string>, imports?: list<string>}>  $build
     * @param  list<string>  $of
     * @return list<string>
     */
    private static function scripts(array $build, array $of): array
    {
        return array_map(static fn (string $one): string => $build[$one]['file'], self::chunks($build, $of));
    }

    /**
     * @param  array<string, array{file: string, css?: list<string>, imports?: list<string>}>  $build
     * @param  list<string>  $of
     * @return non-empty-list<string> those, and everything they ask for, each once
     */
    private static function chunks(array $build, array $of): array
    {
        $all = [];
        while ($of !== []) {
            $one = array_shift($of);
            if (! isset($all[$one]) && isset($build[$one])) {
                $all[$one] = true;
                array_push($of, ...$build[$one]['imports'] ?? []);
            }
        }

        return array_keys($all) ?: [self::ENTRY];
    }
}
