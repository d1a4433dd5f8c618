<?php

declare(strict_types=1);

/*
 * What names in English titles are made of, besides the dictionary in names.php: words that open a name before a name
 * ("Lake Victoria"), close one after a name ("Sacramento Valley"), or are counted ("Plan B"); words that are a name in
 * some surroundings only; and names of several words that the word lists lack. Sources: APA Publication Manual, 7th
 * ed., 6.14–6.20.
 */

$words = static fn (string $list): array => array_fill_keys(preg_split('/\s+/', trim($list)) ?: [], true);

return [
    // Before a name.
    'heads' => $words('
        lake mount mt cape fort port saint st isle hurricane typhoon cyclone prince princess queen king pope sir lord lady
        emperor empress president senator governor mayor general captain colonel admiral judge justice chief professor
        sultan river rabbi bishop archbishop cardinal count countess baron duke duchess sister brother mother father chancellor
        secretary representative lieutenant sergeant major minister tsar czar shah caliph imam'),
    // Before a surname, whatever else that word may be.
    'courtesies' => $words('mr mrs ms mx dr'),
    // Before "of" and a name.
    'headsOf' => $words('
        battle siege treaty university college bay gulf isle kingdom republic duke duchess earl archbishop edict sea
        strait straits bank commonwealth diocese library museum archdiocese'),
    // After a name of a place or a person.
    'tails' => $words('
        river valley lake lakes mountain mountains ocean sea bay island islands peninsula canyon desert falls county strait
        fault reef gulf basin plateau glacier fjord archipelago delta alley gorge marsh trail war wars revolution rebellion uprising massacre treaty accord
        accords agreement protocol act empire dynasty republic kingdom union university college institute abbey cathedral
        prize bridge wall street avenue square tower palace castle conference expedition purchase doctrine plan
        commission foundation trust compromise decision bible code edict'),
    // After the name of a people or what belongs to a place.
    'tailsOfPeoples' => $words('
        war wars revolution rebellion uprising restoration empire dynasty republic union confederacy parliament congress constitution west
        sea ocean'),
    // After a name, and as often a part of it as not.
    'tailsAsked' => $words('
        resistance famine riots strike crisis movement party league club society school station park house church
        hospital market museum library festival protests fire flood earthquake plague summit court temple mission
        theater theatre zoo airport harbor garden gardens dam mine square coast front line campaign raid
        marathon games dream cup tour derby parade carnival fair
        exhibition press company railway railroad pipeline pass reservation
        reservoir territory province point creek hill hills beach ridge pond cove ranch farm springs rock rocks'),
    // Two words after a name: Civil War, National Park.
    'beforeTails' => $words('civil national state world peace high international public community'),
    'lastTails' => $words('war park university forest monument treaty accord prize fair airport library college'),
    // After an ordinal.
    'ordinalTails' => $words('amendment crusade reich republic dynasty estate international'),
    // Before a figure, a Roman number or a letter.
    'series' => $words('
        part volume band book chapter phase grade day study experiment trial section level class title article plan generation
        group table figure appendix module unit lesson room route highway interstate apollo type schedule proposition
        amendment resolution area zone sector district episode season year session form model test'),
    'directions' => $words('north south east west northeast northwest southeast southwest'),
    'place' => $words('in from to near across throughout within around outside via'),
    'monthBefore' => $words('in of since until during by from early late mid through each every last next this to between'),
    // Words that are a name unless one of these stands before or after; "if" turns that round.
    'surroundings' => [
        'march' => ['if' => 'month'],
        'may' => ['if' => 'month'],
        'polish' => [
            'notBefore' => $words('to nail shoe silver floor furniture boot wax and'),
            'notAfter' => $words('remover removers the your'),
        ],
        'china' => [
            'notBefore' => $words('bone white fine antique painted porcelain family wedding'),
            'notAfter' => $words('cabinet cabinets doll dolls plate plates cup cups shop shops tea clay'),
        ],
        'turkey' => [
            'notBefore' => $words('wild roast roasted a the cold thanksgiving'),
            'notAfter' => $words('farm farms farming hunting soup dinner meat production vulture vultures breast eggs'),
        ],
        'mercury' => ['if' => 'planet'],
        'earth' => ['if' => 'planet'],
        'amazon' => [],
        'renaissance' => [],
        'will' => ['if' => 'person'],
        'constitution' => ['if' => 'the'],
        'enlightenment' => ['if' => 'the'],
        'reformation' => ['if' => 'the'],
        'holocaust' => ['if' => 'the'],
        'senate' => ['if' => 'the'],
        'confederacy' => ['if' => 'the'],
        'orient' => ['if' => 'the'],
        'black' => ['if' => 'group'],
        'white' => ['if' => 'group'],
        'lent' => ['if' => 'month'],
    ],
    // Common words as well, but hardly ever in a title.
    'names' => $words('
        alps amazon andromeda antarctic apollo babel bastille benjamin bohemia bolivar bolivia boolean braille brie burgundy
        byzantine capitol celt chad charlotte chihuahua chile christie cicero cologne cordoba cossack cupid curacao daphne
        draconian dracula edda epicurean etna everglades fermi franklin fuji galilee gallic geneva genoa germanic gestapo
        gibbon gilbert gladstone goa godspeed goliath goth gothic guinea hamburg hanuman hector henry israel kafkaesque
        kali kelvin kremlin latino leghorn lesotho louis louvre macon machiavellian mali manila marseille marseilles
        martin marxian maya mecca medicaid medicare medina mesolithic mohawk mongol neandertal neolithic nelson
        niger ottoman paleolithic palestine pandora pascal passover peter pharaoh proterozoic quaker ravel riviera
        romaic romeo ruth sahara saskatoon savoy schiller shanghai shiva somerset sparta spartan surrey titanic tonga troy
        ulster vandal velcro venetian victoria vedic viking wales watteau weber wellington welsh york zaire zen zeus allah
        anna ben beth cesar clarence clementine erica georgette jane jasper jean jill josh marc marcel max philadelphia
        scotia sheila sherlock stokes stalin thames veronica walt boer druze philippine scots scottish irish basque
        bolshevik confederate cretaceous creole hindu hispanic jesuit judaic latin mennonite mormon muscovite neanderthal
        olympian parisian puritan quechua romani sikh slav tory whig zulu'),
    // Common words as well, and in a title as often the one as the other.
    'either' => $words('
        trump carter turner mason limerick hull chandler twain burns donne hawking tesla buffalo cork bath dickens
        hobbes orion atlas aurora titan lincoln raleigh columbia olympia bush reagan clinton nixon grant jackson washington madison jefferson'),
    // Before these a word that is a surname too is one.
    'families' => $words('brothers sisters family dynasty administration presidency'),
    // Before these black and white are the names of groups of people.
    'groups' => $words('
        feminism feminist feminists women woman men man americans american students student voters families children youth
        girls boys teachers teacher workers artists writers authors soldiers communities community history culture
        literature churches church people patients adolescents teens neighborhoods identity identities mothers fathers
        parents scholars lives power press colleges studies intellectuals veterans residents'),
    // What a title about planets speaks of.
    'planet' => $words('
        planet planets planetary orbit orbits orbital venus jupiter saturn uranus neptune solar spacecraft mars crater
        craters astronomers transit'),
    // Names the word lists lack, or hold as plain words too.
    'phrases' => [
        'American Civil War', 'Arab Spring', 'Meiji Restoration', 'Opium Wars', 'Oregon Trail', 'American West', 'Bill of Rights', 'Black Panther Party', 'Boston Tea Party', 'Bronze Age',
        'Clean Air Act', 'Clean Water Act', 'Civil Rights Act', 'Cold War', 'Cuban Missile Crisis', 'Dust Bowl', 'Electoral College',
        'Emancipation Proclamation', 'Endangered Species Act', 'English Civil War', 'European Union', 'Fair Housing Act', 'Far East', 'First Amendment',
        'First World War', 'Fourth of July', 'GI Bill', 'Gilded Age', 'Good Friday Agreement', 'Great Barrier Reef', 'Great Depression',
        'Great Lakes', 'Great Migration', 'Great Plains', 'Great Recession', 'Green Revolution', 'Gulf Coast', 'Gulf War',
        'Harlem Renaissance', 'High Court', 'Holy Land', 'House of Commons', 'House of Lords', 'House of Representatives',
        'Ice Age', 'Industrial Revolution', 'Iron Age', 'Iron Curtain', 'Jim Crow', 'Labor Day', 'Latin America', 'Latin American', 'Louisiana Purchase',
        'Manhattan Project', 'March on Washington', 'Memorial Day', 'Middle Ages', 'Middle East', 'Middle Eastern', 'Monroe Doctrine', 'New Deal',
        'Near East', 'New England', 'New Year', 'New Year\'s Eve', 'New Year\'s Day', 'Nobel Prize', 'Nobel Peace Prize', 'North Pole', 'Old Testament', 'New Testament',
        'Ottoman Empire', 'Paris Agreement', 'Persian Gulf', 'Progressive Era', 'Protestant Reformation', 'Queen Victoria',
        'Red Cross', 'Roman Empire', 'Russian Revolution', 'Second World War', 'Silicon Valley', 'Silk Road', 'Social Security',
        'South Pole', 'Soviet Union', 'Space Race', 'Spanish Civil War', 'Stone Age', 'Supreme Court', 'Trail of Tears',
        'Underground Railroad', 'United Kingdom', 'United Nations', 'United States', 'Universal Declaration of Human Rights', 'Vietnam War', 'Voting Rights Act', 'Wall Street',
        'Freedom Summer', 'Kitty Hawk', 'Lost Generation', 'Tornado Alley', 'White House', 'World Bank', 'World Cup', 'World Health Organization', 'World Trade Organization',
        'Lower East Side', 'Upper East Side', 'Lower West Side', 'Upper West Side', 'Gulf Stream', 'Salt March', 'Three Mile Island', 'French Resistance', 'Potato Famine', 'May Fourth', 'July Fourth', 'Peace Corps',
        'World War', 'African American', 'African Americans', 'Asian American', 'Asian Americans', 'Mexican American',
        'Mexican Americans', 'Native American', 'Native Americans', 'Pacific Islander', 'Pacific Islanders', 'Great War', 'Big Bang', 'Milky Way', 'Dead Sea', 'Black Sea', 'Red Sea',
        'Black Death', 'Holy See', 'Holy Roman Empire', 'Central America', 'Central American', 'Central Asia', 'Eastern Europe', 'Eastern European', 'Western Europe',
        'Southeast Asia', 'Southeast Asian', 'East Asia', 'East Asian', 'South Asia', 'South Asian', 'West Bank', 'Global South', 'Great Britain',
        'Central Park', 'Times Square', 'Ivy League', 'Little League', 'Major League Baseball', 'Super Bowl', 'Olympic Games', 'Winter Olympics', 'Summer Olympics',
        'Americans with Disabilities Act', 'Affordable Care Act', 'No Child Left Behind Act', 'Social Security Act', 'Stamp Act', 'Tea Party', 'Green Party', 'Labour Party', 'Labor Party',
    ],
    // The name where "the" stands before; elsewhere somebody should say.
    'phrasesAfterThe' => [
        'civil war', 'great war', 'national guard', 'secret service', 'security council', 'new left', 'old left',
        'left bank', 'stock exchange', 'great wall', 'great fire', 'great plague', 'great famine', 'final solution',
        'general assembly', 'deep south',
    ],
    // As often the one as the other, whatever stands before.
    'phrasesAsked' => ['snow white', 'main street', 'high street', 'reign of terror', 'round table', 'promised land', 'gold coast'],
    // Small everywhere, though a list has them as names.
    'common' => $words('
        state states city church university school board police army navy government congress council
        president pope king queen sun moon internet web net god gods devil heaven hell spring summer autumn fall winter
        north south east west northern southern eastern western doctor internet mother father sister brother street will job mass
        nature science time life fortune people self love hope faith grace art mark bill rose young long best more king
        an nor as at in on down so is be can no he it me here most other same eight new old
        brown green gray grey gold silver day night star stars sea man woman child children house home'),
];
