<?php

declare(strict_types=1);

use Bibrel\Standins\Answer;

// Old pages made by hand: tables, capital tags, a mail address, a day of making and a day of change.
return [
    '/mill.htm' => new Answer(200, 'text/html; charset=iso-8859-1', '<HTML><HEAD><TITLE>How a Tide Mill Works</TITLE></HEAD><BODY BGCOLOR=white><TABLE><TR><TD><FONT SIZE=+3><B>How a Tide Mill Works</B></FONT><P>by Jonas Teal (<A HREF="mailto:jteal@millschool.example">jteal@millschool.example</A>)<P>The pond fills through the gates as the tide rises. When the tide has fallen far enough, the miller opens the sluice.<P><HR>Created March 12, 1999. Last updated: May 3, 2004.<BR>Low Sallow Mill School</TABLE></BODY></HTML>'),
    '/gates.htm' => new Answer(200, 'text/html; charset=iso-8859-1', '<html><head><title>Low Sallow Mill School: The Gates</title></head><body><center><h1>The Gates</h1></center><p>They open by themselves and close by themselves, as good children do.</p><p><i>Low Sallow Mill School, last changed 6/11/2003</i></p></body></html>'),
    '/pupils.htm' => new Answer(200, 'text/html', '<html><head><title>Our pupils write</title></head><body><h1>OUR PUPILS WRITE</h1><h2>The eel</h2><p>The eel came in with the tide and could not get out.</p><p>Written by Mina, age 9</p><h2>The lamp</h2><p>We put the lamp out and then we saw the bats.</p><p>Written by Tomas, age 10</p></body></html>'),
];
