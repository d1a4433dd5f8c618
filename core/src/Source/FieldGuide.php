<?php

declare(strict_types=1);

namespace Bibrel\Core\Source;

/**
 * The fields every kind shares, with their help (core/data/fields.php); a kind may give a field another label or its
 * own example.
 */
final class FieldGuide
{
    /** @var ?array<string, array<string, string>> */
    private static ?array $guide = null;

    /**
     * A field as a kind's file names it: its path, "!" after it where it is required and "+" where it is expected;
     * in a list also a label and an example of its own.
     *
     * @param  string|list<string>  $spec
     */
    public static function field(string|array $spec): Field
    {
        [$spelled, $label, $example] = [...(array) $spec, null, null];
        $path = FieldPath::parse(rtrim((string) $spelled, '!+'));
        $help = self::help($path);
        $need = match (substr((string) $spelled, -1)) {
            '!' => Need::Required,
            '+' => Need::Expected,
            default => Need::Optional,
        };

        return new Field(
            $path,
            $label ?? $help['label'] ?? $path->key,
            $need,
            $help['what'] ?? '',
            $help['where'] ?? '',
            $example ?? $help['example'] ?? '',
            $help['mistake'] ?? '',
        );
    }

    /** What a field is called where no kind is at hand. */
    public static function label(FieldPath $path): string
    {
        return self::help($path)['label'] ?? $path->key;
    }

    /** What a field is; '' where nothing is said about it. */
    public static function what(FieldPath $path): string
    {
        return self::help($path)['what'] ?? '';
    }

    /** @return array<string, string> the help on a field; what a further container has is helped by the nearer one's */
    private static function help(FieldPath $path): array
    {
        self::$guide ??= require dirname(__DIR__, 2).'/data/fields.php';
        $path = $path->list();
        for ($level = $path->level; $level !== null && ! isset(self::$guide[$path->key]) && $level > 0;) {
            $level--;
            $path = $path->field?->at($level) ?? FieldPath::contributors($level);
        }

        return self::$guide[$path->key] ?? [];
    }
}
