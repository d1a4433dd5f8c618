<?php

declare(strict_types=1);

namespace Bibrel\Core\Source;

/** The fields every kind shares, with their help; a kind may give a field another label or its own example. */
final class FieldGuide
{
    private const GUIDE = [
        'contributors' => ['Author', 'Who made the source: a person, several people, or an organisation.', 'Under the headline, at the very end of the text, or on the title page.', 'Lotte Varga-Brandt', 'The site’s name is not an author when a person is named.'],
        'title.main' => ['Title', 'What the source itself is called.', 'The largest heading on the page, or the title page of a book.', 'The Mill That Ran Twice a Day', 'Leave out the name of the site behind a bar or a dash.'],
        'title.subtitle' => ['Subtitle', 'The second part of a title, behind a colon or on its own line.', 'Below the title, often in smaller letters.', 'Mills of the Tidal Coast', 'Do not type the colon; it is set for you.'],
        'title.translated' => ['Title in English', 'What a title in another language means.', 'Your own translation is fine.', 'The Sea Mill', 'Only for titles that are not in English.'],
        'title.short' => ['Short title for your text', 'What your text calls the source when it cannot name an author.', 'Your own choice: the first noun and what describes it.', 'Mill That Ran', 'Begin with the word the entry begins with, without “The”.'],
        'containers.0.title' => ['Published in', 'The larger whole the source is part of.', 'On the cover, or at the top of every page.', 'Slack Water Review', 'This is not the title of the article itself.'],
        'containers.0.contributors' => ['Editor of the whole', 'Who edited the whole book or series.', 'On the title page.', 'Noor Castellan', 'Not the author of the part you used.'],
        'containers.0.section' => ['Section', 'The part of the newspaper or site.', 'Above the headline.', 'Coast and Harbour', 'Not the name of the site or paper.'],
        'containers.0.edition' => ['Edition', 'Which edition, when it is not the first.', 'The cover or the copyright page.', '2nd', 'A reprint is not an edition.'],
        'containers.0.version' => ['Version', 'The version of a program, a data set or a cut.', 'Near the title, or under “About”.', '3.2', 'Of the program itself, not of the system it runs on.'],
        'containers.0.volume' => ['Volume', 'The number of the volume.', 'The cover, the head of the article, or the spine.', '12', 'Only the number: “vol.” is set for you.'],
        'containers.0.volumes' => ['Volumes in all', 'How many volumes the whole work has.', 'The library’s catalogue, or the back of the title page.', '4', 'Leave it empty when you used one volume only; say which one under “Volume”.'],
        'containers.0.issue' => ['Issue', 'The number within the volume.', 'Beside the volume.', '3', 'Only the number: “no.” is set for you.'],
        'containers.0.number' => ['Number', 'A report’s, a standard’s or an episode’s own number.', 'The cover or the title page.', 'TM-07', 'Not the ISBN, and not the shelf mark.'],
        'containers.0.season' => ['Season', 'The season of a series.', 'The programme page.', '2', 'Only the number.'],
        'containers.0.episode' => ['Episode', 'The number of the episode.', 'The programme page.', '5', 'Its number within the season, not since the beginning.'],
        'containers.0.series' => ['Series', 'The series a book belongs to.', 'The page before the title page.', 'Northmere Coastal Papers', 'A series of books; the volumes of one work go under “Volume”.'],
        'containers.0.seriesNumber' => ['Number in the series', 'Where the book stands in its series.', 'Beside the name of the series.', '4', ''],
        'containers.0.publisher' => ['Publisher', 'The organisation that brought the source out.', 'The copyright line, the foot of the page, the title page.', 'Northmere Heritage Trust', 'Leave it empty when it is the same as the site’s name.'],
        'containers.0.place' => ['Place', 'Where it was published or took place.', 'The title page or the programme.', 'Gullhaven', 'The first city named is enough.'],
        'containers.0.date' => ['Published', 'When the source came out, as exactly as it says.', 'Near the title or the author; in a book, the copyright page.', '3 May 2023', 'The © year at the foot of a site is not the date of the page.'],
        'containers.0.status' => ['State', 'For a work not yet out: in press, forthcoming.', 'The publisher’s page.', 'in press', 'Leave it empty for anything that is out.'],
        'containers.0.pages' => ['Pages', 'The first and last page of the part you used.', 'The foot or head of the pages.', '215-239', 'The whole part, not only the page you quote: that goes into your text.'],
        'containers.0.articleNumber' => ['Article number', 'What some online journals print in place of pages.', 'Beside volume and issue.', 'e1042', 'Not the DOI.'],
        'containers.0.time' => ['Length or time', 'How long it runs.', 'Below the player.', '12:40', 'The minute you quote goes into your text, not here.'],
        'containers.0.collection' => ['Museum or collection', 'Where the object is kept, with its city.', 'The label beside it.', 'Gullhaven Harbour Museum, Gullhaven', 'Not the site that shows a picture of it.'],
        'containers.0.doi' => ['DOI', 'A lasting number for articles and books, beginning with 10.', 'At the head or foot of the article.', '10.5555/jch.2016.0123', 'With a DOI, no address is needed.'],
        'containers.0.url' => ['Address', 'Where a reader finds it on the web.', 'The address bar of the browser.', 'https://www.slackwater.example/mill-twice-a-day', 'The address of a search is not the source’s.'],
        'containers.1.title' => ['Database', 'The archive or service you read it in.', 'The logo at the top of the page.', 'Shoreline Scholar', 'The database, not the company that sells it.'],
        'containers.1.url' => ['Address in the database', 'The lasting link the database gives.', 'Behind “Permalink” or “Share”.', 'https://scholar.shoreline.example/a/4410', 'The address bar often holds one that works for you alone.'],
        'containers.1.doi' => ['DOI', 'A lasting number beginning with 10.', 'At the head of the article.', '10.5555/jch.2016.0123', 'Not the address of the page that shows it.'],
        'original.date' => ['First published', 'When the work first came out, if what you have is a later edition.', 'The copyright page.', '1898', 'Not the year of the copy in your hands.'],
        'accessed' => ['You read it on', 'The day you looked at it.', 'Your own notes; today, if you have it open now.', '4 March 2027', 'Not the day it was published.'],
        'medium' => ['Medium', 'What it is made of or recorded on.', 'The label or the case.', 'Oil on canvas', 'Not what the picture shows.'],
        'genre' => ['Description', 'What it is, in a word or two, where that is not plain.', 'Your own words.', 'Press release', 'A word or two, not a sentence.'],
        'subject' => ['Work reviewed', 'The title of the book, film or show the review is about.', 'Under the headline or in the first lines.', 'Moonpower', 'Its author goes among the contributors, as “Author of the work reviewed”.'],
        'language' => ['Language of the title', 'As a short code; capitals in titles follow it.', 'You know it best.', 'es', 'The language of the title, not of the site around it.'],
        'isbn' => ['ISBN', 'The number above a book’s barcode. It finds the book; no entry prints it.', 'The back cover.', '978-1-4028-9462-6', 'The price and shop codes beside it are not the ISBN.'],
        'annotation' => ['Annotation', 'What the source says and how you used it, printed below the entry.', 'Your own words.', 'Shows how a mill’s day followed the tide; I use its table of working hours.', 'Not copied from the source’s own summary.'],
    ];

    /** @throws \InvalidArgumentException for a path no source has */
    public static function field(string $path, Need $need, ?string $label = null, ?string $example = null): Field
    {
        $guide = self::GUIDE[$path] ?? throw new \InvalidArgumentException("No field help for “{$path}”.");

        return new Field($path, $label ?? $guide[0], $need, $guide[1], $guide[2], $example ?? $guide[3], $guide[4]);
    }

    /** What a field is called where no kind is at hand. */
    public static function label(string $path): string
    {
        $general = (string) preg_replace(['/^contributors\.\d+$/', '/^containers\.[12]\.contributors.*$/', '/^containers\.2\./', '/^containers\.0\.contributors\.\d+$/', '/^title$/'], ['contributors', 'containers.0.contributors', 'containers.1.', 'containers.0.contributors', 'title.main'], $path);

        return self::GUIDE[$general][0] ?? self::GUIDE[str_replace('containers.1.', 'containers.0.', $general)][0] ?? $path;
    }
}
