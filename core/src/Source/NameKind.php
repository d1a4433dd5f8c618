<?php

declare(strict_types=1);

namespace Bibrel\Core\Source;

enum NameKind: string
{
    case Person = 'person';
    case Group = 'group';
    case Screen = 'screen';
}
