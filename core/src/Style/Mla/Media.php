<?php

declare(strict_types=1);

namespace Bibrel\Core\Style\Mla;

use Bibrel\Core\Source\AccessMethod;
use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Text\Letters;

/**
 * The medium of publication: "Print", "Web", "Film". The 7th edition always names it, the later ones where a reader
 * could not tell.
 *
 * Source: MLA Handbook, 7th ed., 5.2; 9th ed., 5.114.
 */
final readonly class Media
{
    /** Media a later edition does not name, even where somebody did. */
    private const TOLD = '/^(?:print|web|online)$/i';

    public function __construct(private Source $source)
    {
    }

    /** What the source says of itself, or what its kind and the way it was reached tell; '' where nothing does. */
    public function always(): string
    {
        $kind = $this->source->kind;

        return match (true) {
            $this->isMaterial() => $this->isOnline() ? 'Web' : '',
            $this->source->medium !== '' => Letters::capital($this->source->medium),
            // A description of one's own names another medium: a letter, a text message.
            $kind->containment === Containment::PersonalCommunication => $this->isDescribedByKind() ? $kind->usualMedium : '',
            $this->isOnline() => 'Web',
            $kind->usualMedium !== '' => $kind->usualMedium,
            default => 'Print',
        };
    }

    /** Whether its medium is what it is made of, which stands before the place that keeps it (7th ed., 5.7.6). */
    public function isMaterial(): bool
    {
        return $this->source->kind->isKept() && $this->source->container()->collection !== '';
    }

    /** What somebody said, unless the rest of the entry tells it. */
    public function whereSaid(): string
    {
        return preg_match(self::TOLD, $this->source->medium) === 1 ? '' : Letters::capital($this->source->medium);
    }

    public function isOnline(): bool
    {
        if ($this->source->reached !== '') {
            return in_array(
                AccessMethod::tryFrom($this->source->reached),
                [AccessMethod::Web, AccessMethod::Database],
                true,
            );
        }
        foreach ($this->source->containers as $i => $container) {
            if ($container->url.$container->doi !== '' || ($i > 0 && $container->title !== '')) {
                return true;
            }
        }

        return false;
    }

    private function isDescribedByKind(): bool
    {
        $bare = static fn (string $word): string => str_replace('-', '', mb_strtolower($word));

        return in_array($bare($this->source->genre), ['', $bare($this->source->kind->usualMedium)], true);
    }
}
