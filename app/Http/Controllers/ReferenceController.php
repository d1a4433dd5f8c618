<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Controllers;

use Bibrel\Core\Format\ExchangeFormat;
use Bibrel\Core\Format\Formats;
use Bibrel\Core\Format\PageFormat;
use Bibrel\Core\Source\AccessMethod;
use Bibrel\Core\Source\Field;
use Bibrel\Core\Source\Kind;
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
    public function show(Request $request): JsonResponse
    {
        $response = new JsonResponse([
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
            'locators' => Locator::kinds(),
            'roles' => array_map(
                static fn (Role $role): array => ['id' => $role->value, 'label' => $role->label()],
                Role::cases(),
            ),
            'rules' => array_map(static fn (Style $style): array => array_map(
                static fn (Rule $rule): array => $rule->toArray(),
                Rules::of($style->id()),
            ), Styles::all()),
        ]);
        $response->setEtag(sha1((string) $response->getContent()))->setPrivate();
        $response->headers->set('Cache-Control', 'private, no-cache');
        $response->isNotModified($request);

        return $response;
    }

    /** The kinds a word points to, best first; all of them, the common ones first, for none. */
    public function kinds(Request $request): JsonResponse
    {
        $typed = $request->query('find', '');

        return new JsonResponse(
            array_map(
                static fn (Kind $kind): string => $kind->id,
                Kinds::all()->find(is_string($typed) ? mb_substr($typed, 0, 200) : ''),
            ),
        );
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

    /** @return array<string, mixed> */
    private static function kind(Kind $kind): array
    {
        return [
            'id' => $kind->id,
            'label' => $kind->label,
            'group' => $kind->group,
            'searchTerms' => $kind->searchTerms,
            'describable' => $kind->describable,
            'roles' => array_map(static fn (Role $role): string => $role->value, $kind->roles),
            'fields' => array_map(static fn (Field $field): array => $field->toArray(), $kind->fields()),
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
