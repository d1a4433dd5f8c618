<?php

declare(strict_types=1);

use Bibrel\Core\Source\AccessMethod;
use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;

return new Kind(
    id: 'archive-item',
    label: 'Letter, manuscript or object in an archive',
    group: 'Research and public documents',
    searchTerms: 'birth record,public record,archive,manuscript,primary source,diary,document,artefact,artifact,old letter,'
        .'journal of a soldier,deed,birth certificate,will',
    csl: 'manuscript',
    bibtex: 'unpublished',
    ris: 'MANSCPT',
    containment: Containment::SelfContained,
    fields: [
        'contributors+',
        ['title.main!', 'Title, or a description'],
        ['containers.0.date+', 'Date made'],
        ['containers.0.collection!', 'Collection and archive', 'Mill Papers, Gullhaven Record Office'],
        ['containers.0.number', 'Shelf mark'],
        'containers.0.url',
        'language',
        'annotation',
    ],
    accessMethods: [AccessMethod::InPerson, AccessMethod::Web],
    yearOnly: true,
    datedByMaking: true,
    describable: true,
    word: 'item in an archive',
    words: 'items in archives',
);
