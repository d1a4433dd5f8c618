<?php

declare(strict_types=1);

use Bibrel\Core\Source\Role;

/*
 * What headings of library catalogues say somebody did: MARC relator codes, and terms as catalogues in several languages
 * write them. Source: MARC Code List for Relators, Library of Congress; the national libraries' lists of terms.
 */

$terms = [
    [Role::Author, 'aut|author|joint author|verfasser|verfasserin|autor|autora|auteur|autrice|autore|författare|forfatter'],
    [Role::Editor, 'edt|ed|editor|joint editor|edited by|herausgeber|herausgeberin|hrsg|éditeur scientifique|éditrice scientifique'
        .'|directeur de publication|editor literario|editora literaria|curatore|curatrice|redaktör|redaktør|redacteur'],
    [Role::Translator, 'trl|tr|translator|translated by|übersetzer|übersetzerin|übers|traducteur|traductrice|traductor'
        .'|traductora|traduttore|traduttrice|översättare|oversetter|oversætter|vertaler|tradutor|tradutora'],
    [Role::Compiler, 'com|comp|compiler|compilateur|compilatrice|compilador|compiladora|compilatore'],
    [Role::Illustrator, 'ill|illustrator|illustratorin|illustrateur|illustratrice|ilustrador|ilustradora|illustratore|illustratör'],
    [Role::Narrator, 'nrt|narrator|sprecher|sprecherin|erzähler|erzählerin|narrateur|narratrice|narrador|narradora'],
    [Role::Director, 'drt|film director|director|regisseur|regisseurin|réalisateur|réalisatrice|director de cine|regista|regissör'],
    [Role::Performer, 'prf|performer|act|actor|actress|sng|singer|interpret|schauspieler|schauspielerin|interprète|acteur|actrice|actriz'],
    [Role::Composer, 'cmp|composer|komponist|komponistin|compositeur|compositrice|compositor|compositora|compositore'],
    [Role::Introduction, 'aui|win|writer of introduction|author of introduction|author of introduction, etc|einleitung|introducteur'],
    [Role::Foreword, 'wfw|writer of foreword|wpr|writer of preface|vorwort|préfacier|préfacière|prologuista|prefatore'],
    [Role::Afterword, 'aft|waw|writer of afterword|author of afterword, colophon, etc|nachwort|postfacier|postfacière'],
    [Role::Producer, 'pro|film producer|producer|produzent|produzentin|producteur|productrice|productor|productora|produttore'],
    [Role::Conductor, 'cnd|conductor|dirigent|dirigentin|chef d’orchestre|director de orquesta|direttore d’orchestra'],
];
$roles = [];
foreach ($terms as [$role, $words]) {
    $roles += array_fill_keys(explode('|', $words), $role);
}

return $roles;
