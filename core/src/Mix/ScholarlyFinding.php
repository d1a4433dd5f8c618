<?php

declare(strict_types=1);

namespace Bibrel\Core\Mix;

use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Source\Scholarship;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Text\Vocabulary;

/**
 * Whether a source is a scholarly one, and what says so. What the student says stands; until they do it is a guess,
 * with its evidence, and where nothing tells it is not even that.
 */
final readonly class ScholarlyFinding
{
    /** @param  string  $answer  "yes", "no", or '' where nothing tells */
    private function __construct(public string $answer, public Confidence $confidence, public string $evidence)
    {
    }

    public static function of(Source $source): self
    {
        if ($source->scholarly !== '') {
            return new self($source->scholarly, Confidence::Stated, 'You said so.');
        }

        return match ($source->kind->scholarship) {
            Scholarship::ReviewedVenue => self::ofVenue($source),
            Scholarship::Examined => new self('yes', Confidence::Guess, 'A university examined it for a degree.'),
            Scholarship::ByPublisher => self::ofPublisher($source),
            Scholarship::Unreviewed => new self(
                '',
                Confidence::Guess,
                'It is by scholars, but nobody has reviewed it yet. Ask whether it counts.',
            ),
            Scholarship::None => new self(
                'no',
                Confidence::Guess,
                "{$source->kind->label}: nothing of this kind is reviewed by other scholars before it appears.",
            ),
        };
    }

    public function isSaid(): bool
    {
        return $this->confidence === Confidence::Stated;
    }

    private static function ofVenue(Source $source): self
    {
        $container = $source->container();
        $venue = $container->title === '' ? 'where it stands' : "“{$container->title}”";
        $isNumbered = $container->volume.$container->doi.$source->isbn !== '';

        return $isNumbered
            ? new self('yes', Confidence::Guess, "What {$venue} prints is, as a rule, reviewed by other scholars.")
            : new self('', Confidence::Guess, "Neither a volume nor a DOI shows that {$venue} is a scholarly journal.");
    }

    private static function ofPublisher(Source $source): self
    {
        foreach ($source->containers as $container) {
            if (self::isAcademic($container->publisher)) {
                $sentence = "“{$container->publisher}” is, by its name, a press of scholars.";

                return new self('yes', Confidence::Guess, $sentence);
            }
        }
        $publisher = $source->container()->publisher;

        return new self('', Confidence::Guess, $publisher === ''
            ? 'No publisher is filled in to tell by.'
            : "The name “{$publisher}” does not tell. Look for footnotes and a list of sources.");
    }

    private static function isAcademic(string $publisher): bool
    {
        $words = Vocabulary::all()->pattern('academicHouses');

        return preg_match("/(?<![\\p{L}])(?:{$words})(?![\\p{L}])/iu", $publisher) === 1;
    }
}
