<?php

declare(strict_types=1);

namespace Bibrel\Core\Format;

/** The formats there are: one class each in Format/Page and Format/Exchange. */
final class Formats
{
    /** @var ?array<string, PageFormat> */
    private static ?array $pages = null;

    /** @var ?array<string, ExchangeFormat> */
    private static ?array $exchange = null;

    /** @return array<string, PageFormat> by id, the commonest first */
    public static function pages(): array
    {
        return self::$pages ??= self::found('Page', PageFormat::class);
    }

    /** @return array<string, ExchangeFormat> by id, the commonest first */
    public static function exchange(): array
    {
        return self::$exchange ??= self::found('Exchange', ExchangeFormat::class);
    }

    /** @return array<string, ExchangeFormat&ReadsSources> */
    public static function reading(): array
    {
        return array_filter(self::exchange(), static fn (ExchangeFormat $one): bool => $one instanceof ReadsSources);
    }

    /** @return array<string, ExchangeFormat&WritesSources> */
    public static function writing(): array
    {
        return array_filter(self::exchange(), static fn (ExchangeFormat $one): bool => $one instanceof WritesSources);
    }

    /**
     * @template T of PageFormat|ExchangeFormat
     *
     * @param  class-string<T>  $wanted
     * @return array<string, T>
     */
    private static function found(string $folder, string $wanted): array
    {
        $formats = [];
        foreach (glob(__DIR__."/{$folder}/*.php") ?: [] as $file) {
            $class = __NAMESPACE__."\\{$folder}\\".basename($file, '.php');
            if (is_subclass_of($class, $wanted)) {
                $formats[] = new $class;
            }
        }
        usort(
            $formats,
            static fn (PageFormat|ExchangeFormat $a, PageFormat|ExchangeFormat $b): int => [
                $a->rank(), $a->id(),
            ] <=> [$b->rank(), $b->id()],
        );

        return array_combine(
            array_map(static fn (PageFormat|ExchangeFormat $one): string => $one->id(), $formats),
            $formats,
        );
    }
}
