<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Controllers;

use Bibrel\Core\Format\ExchangeFormat;
use Bibrel\Core\Format\Formats;
use Bibrel\Core\Format\PageFormat;
use Bibrel\Core\Page\Memory;
use Bibrel\Core\Source\AccessMethod;
use Bibrel\Core\Source\Field;
use Bibrel\Core\Source\FieldPath;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\KindFinder;
use Bibrel\Core\Source\Kinds;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Style\Locator;
use Bibrel\Core\Style\Rule;
use Bibrel\Core\Style\Rules;
use Bibrel\Core\Style\Style;
use Bibrel\Core\Style\Styles;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What the interface must know of the core: kinds with their fields, styles, and the sentences after the rules. */
final class ReferenceController
{
    /** The address that names the release never changes what it says, so that a browser asks once. */
    public function show(Request $request, Memory $memory, string $release = ''): JsonResponse
    {
        $json = $memory->recall(['reference'])['reference'] ?? null;
        if (! is_string($json)) {
            $json = (string) json_encode(self::all(), JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
            $memory->keep(['reference' => $json]);
        }
        $response = JsonResponse::fromJsonString($json);
        $response->setEtag(sha1($json))->setPrivate();
        $isNamed = $release === config('bibrel.release');
        $response->headers->set('Cache-Control', $isNamed ? 'private, max-age=31536000, immutable' : 'private, no-cache');
        $response->isNotModified($request);

        return $response;
    }

    /** The kinds a word points to, best first, and what to ask oneself where it names none. */
    public function kinds(Request $request): JsonResponse
    {
        $typed = $request->query('find', '');
        $found = (new KindFinder(Kinds::all()))->find(is_string($typed) ? mb_substr($typed, 0, 200) : '');

        return new JsonResponse([
            'kinds' => array_map(static fn (Kind $kind): string => $kind->id, $found->kinds),
            'sentence' => $found->sentence,
        ]);
    }

    /** @return array<string, mixed> */
    private static function all(): array
    {
        return [
            'styles' => array_values(array_map(static fn (Style $style): array => [
                'id' => $style->id(),
                'family' => $style->family(),
                'label' => $style->label(),
                'choices' => $style->choices(),
                'annotationIndent' => $style->annotationIndent(),
            ], Styles::all())),
            'pageFormats' => array_values(array_map(self::format(...), Formats::pages())),
            'exchangeFormats' => array_values(array_map(self::format(...), Formats::writing())),
            'kinds' => array_map(self::kind(...), Kinds::all()->list()),
            'locators' => array_map(
                static fn (string $kind): array => ['id' => $kind] + Locator::words($kind),
                Locator::kinds(),
            ),
            'roles' => array_map(
                static fn (Role $role): array => ['id' => $role->value, 'label' => $role->label()],
                Role::cases(),
            ),
            'rules' => array_map(static fn (Style $style): array => array_map(
                static fn (Rule $rule): array => $rule->toArray(),
                Rules::of($style->id()),
            ), Styles::all()),
        ];
    }

    /** @return array{id: string, label: string, extension: string} */
    private static function format(PageFormat|ExchangeFormat $format): array
    {
        $extension = $format instanceof ExchangeFormat ? $format->extension() : $format->id();

        return ['id' => $format->id(), 'label' => $format->label(), 'extension' => $extension];
    }

    /**
     * @return array<string, ?string> where a way of reaching changes how much a field matters; null where it is out of
     *         place
     */
    private static function needs(Kind $kind, AccessMethod $reach): array
    {
        $needs = [];
        foreach ($kind->fields() as $field) {
            $need = $reach->need($field);
            if ($need !== $field->need) {
                $needs[$field->path->key] = $need?->value;
            }
        }

        return $needs;
    }

    /** @return array<string, mixed> a field, how it is filled in, and whose roles it takes */
    private static function field(Kind $kind, Field $field): array
    {
        $roles = array_map(static fn (Role $role): string => $role->value, $kind->rolesAt($field->path));

        return [
            ...$field->toArray(),
            'form' => $field->form()->value,
            'isFirst' => $field->isOnFirstForm(),
            'isOnSource' => $field->isOnSource(),
            'askedWith' => array_map(static fn (FieldPath $one): string => $one->key, $field->askedWith()),
            ...($roles === [] ? [] : ['roles' => $roles]),
        ];
    }

    /** @return array<string, mixed> */
    private static function kind(Kind $kind): array
    {
        return [
            'id' => $kind->id,
            'label' => $kind->label,
            'group' => $kind->group,
            'describable' => $kind->describable,
            'hint' => $kind->hint,
            'isCommon' => $kind->isCommon(),
            'fields' => array_map(static fn (Field $field): array => self::field($kind, $field), $kind->fields()),
            'accessMethods' => array_map(
                static fn (AccessMethod $reach): array => [
                    'id' => $reach->value, 'label' => $reach->label(), 'needs' => self::needs($kind, $reach),
                ],
                $kind->accessMethods,
            ),
            'orders' => array_map(static fn (Style $style): array => array_map(
                static fn (Field $field): string => $field->path->key,
                $style->fields($kind),
            ), Styles::families()),
        ];
    }
}
