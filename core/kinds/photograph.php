<?php

declare(strict_types=1);

use Bibrel\Core\Source\AccessMethod;
use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\KindFit;
use Bibrel\Core\Source\Role;

return new Kind(
    id: 'photograph',
    label: 'Photograph',
    group: 'Pictures',
    searchTerms: 'street sign,photo,picture,pic,image,snapshot,selfie,portrait,postcard picture,old photograph,mugshot,x-ray',
    csl: 'graphic',
    ris: 'ART',
    genres: ['photograph', 'photo'],
    containment: Containment::SelfContained,
    fields: [
        ['contributors+', 'Photographer'],
        ['title.main!', 'Title, or a description'],
        'containers.0.publisher',
        'containers.0.date+',
        'containers.0.collection',
        ['containers.0.title', 'Website or book it is in'],
        'containers.0.pages',
        'containers.0.url',
        'containers.1.title',
        'containers.1.url',
        'medium',
        'accessed',
        'language',
        'annotation',
    ],
    bracketDescription: 'Photograph',
    accessMethods: [AccessMethod::Web, AccessMethod::InPerson, AccessMethod::Print, AccessMethod::Database],
    primaryRoles: [[Role::Photographer, Role::Author, Role::Artist]],
    roles: [Role::Photographer],
    rank: 9,
    hint: 'not the search that found it',
    yearOnly: true,
    fits: [
        new KindFit(
            insteadOf: ['web-page', 'online-article', 'website'],
            sentence: 'The address is a picture’s own. A photograph is not the page around it: is the picture what '
                .'you used?',
            label: 'Make it a photograph',
            address: '~\.(?:jpe?g|png|gif|webp|tiff?)(?:[?#].*)?$~i',
        ),
    ],
    describable: true,
    isImage: true,
    word: 'photograph',
    words: 'photographs',
);
