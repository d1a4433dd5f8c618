<?php

declare(strict_types=1);

namespace Bibrel\Tests\Feature;

use Illuminate\Support\Str;

/** A teacher's course: what it asks goes along with a paper, and what is handed in is read. */
final class CoursesTest extends AppTestCase
{
    private string $teacher;

    protected function setUp(): void
    {
        parent::setUp();
        $this->teacher = (string) Str::ulid();
    }

    public function test_a_paper_begun_from_the_link_has_the_courses_rules_and_says_so(): void
    {
        [$course, $token] = $this->course(['style' => 'apa-7', 'rules' => ['addresses' => 'none', 'accessed' => 'always'], 'asked' => ['atLeast' => 2], 'dueOn' => '2026-12-04', 'note' => 'Books first.']);
        $this->as($this->guest)->getJson("/api/course/{$token}")->assertOk()->assertJsonPath('note', 'Books first.')->assertJsonPath('papers', []);
        $paper = (string) Str::ulid();
        foreach ([1, 2] as $once) {
            $this->postJson("/api/course/{$token}", ['id' => $paper])->assertOk();
        }
        $read = $this->getJson("/api/papers/{$paper}")->assertOk()->json();
        self::assertSame(['apa-7', 'History 10', '2026-12-04', 'none', 'always', $course, 'History 10'], [$read['style'], $read['className'], $read['dueOn'], $read['course']['addresses'], $read['course']['accessed'], $read['ofCourse']['id'], $read['ofCourse']['title']]);
        self::assertSame([$paper], array_column((array) $this->getJson("/api/course/{$token}")->json('papers'), 'id'));
        // What the teacher changes holds for papers that were begun.
        $this->as($this->teacher)->putJson("/api/courses/{$course}", ['version' => 1, 'title' => 'History 10', 'style' => 'apa-7', 'rules' => ['addresses' => 'full'], 'asked' => ['atLeast' => 3]])->assertOk();
        $this->as($this->guest)->getJson("/api/papers/{$paper}")->assertJsonPath('course.addresses', 'full');
        $this->getJson("/api/papers/{$paper}/mix")->assertJsonPath('answers.0.sentence', 'In APA, 7th edition, as asked')->assertJsonPath('answers.1.sentence', '0 of at least 3 sources');
        // And no longer once the course is gone.
        $this->as($this->teacher)->deleteJson("/api/courses/{$course}")->assertStatus(204);
        $this->as($this->guest)->getJson("/api/papers/{$paper}")->assertOk()->assertJsonPath('ofCourse', null)->assertJsonPath('course.addresses', 'none');
        $this->getJson("/api/course/{$token}")->assertNotFound()->assertJsonPath('detail', 'This course is no longer there. Ask your teacher for its link.');
        $this->as($this->teacher)->postJson("/api/courses/{$course}/restore")->assertOk();
        $this->as($this->guest)->getJson("/api/papers/{$paper}")->assertJsonPath('course.addresses', 'full');
    }

    public function test_a_paper_that_is_there_already_is_put_into_a_course_and_taken_out(): void
    {
        [$course, $token] = $this->course(['rules' => ['addresses' => 'none']]);
        $paper = $this->as($this->guest)->newPaper();
        $this->putJson("/api/papers/{$paper}", ['version' => 1, 'title' => 'Bread', 'style' => 'mla-9', 'course' => ['addresses' => 'full']])->assertOk();
        $shown = $this->postJson("/api/papers/{$paper}/course", ['token' => $token])->assertOk()->assertJsonPath('ofCourse.id', $course)->assertJsonPath('course.addresses', 'none')->json();
        // The interface sends back what it shows: the course's rules, which are not the student's own.
        $this->putJson("/api/papers/{$paper}", ['version' => $shown['version'], 'title' => 'Moon', 'course' => ['firstPage' => 7] + $shown['course']] + $shown)->assertOk()->assertJsonPath('course.firstPage', 7)->assertJsonPath('course.addresses', 'none');
        $this->deleteJson("/api/papers/{$paper}/course")->assertOk()->assertJsonPath('ofCourse', null)->assertJsonPath('course.addresses', 'full')->assertJsonPath('course.firstPage', 7);
        $this->postJson("/api/papers/{$paper}/course", ['token' => str_repeat('x', 43)])->assertNotFound();
    }

    public function test_what_is_handed_in_stays_as_it_was_and_is_read_by_the_teacher(): void
    {
        [$course, $token] = $this->course(['asked' => ['atLeast' => 2], 'dueOn' => '2020-01-01']);
        $paper = $this->as($this->guest)->newPaper();
        $source = $this->newSource($paper, self::book());
        $this->postJson("/api/papers/{$paper}/hand-ins", ['id' => (string) Str::ulid(), 'name' => 'Ada'])->assertStatus(422);
        $this->postJson("/api/papers/{$paper}/course", ['token' => $token]);
        $before = $this->as($this->teacher)->getJson("/api/courses/{$course}")->json('papers.0');
        self::assertSame([null, 1, false], [$before['handIn'], $before['count'], isset($before['kinds'])], 'What is not handed in is the student’s own.');
        $this->as($this->guest)->postJson("/api/papers/{$paper}/hand-ins", ['id' => (string) Str::ulid(), 'name' => ''])->assertStatus(422)->assertJsonPath('detail', 'Write your name, so that your teacher knows whose paper it is.');
        $first = (string) Str::ulid();
        foreach ([201, 200] as $status) {
            $this->postJson("/api/papers/{$paper}/hand-ins", ['id' => $first, 'name' => 'Ada'])->assertStatus($status);
        }
        $this->putJson("/api/papers/{$paper}/sources/{$source}", ['version' => 1, 'source' => self::book('Changed since')])->assertOk();
        $row = $this->as($this->teacher)->getJson("/api/courses/{$course}")->assertOk()->json('papers.0');
        self::assertSame(['Ada', 1, ['1 book'], ['1 of at least 2 sources'], $first, 1, true], [$row['name'], $row['count'], array_column($row['kinds'], 'words'), $row['missing'], $row['handIn']['id'], $row['handIn']['times'], $row['handIn']['isLate']]);
        $read = $this->getJson("/api/courses/{$course}/hand-ins/{$first}")->assertOk()->json();
        self::assertSame('Brook, Halima. Moonpower. Quayside Press, 2014.', implode('', array_column($read['page']['entries'][0]['runs'], 0)));
        // Again, with what has changed.
        $this->as($this->guest)->postJson("/api/papers/{$paper}/hand-ins", ['id' => $second = (string) Str::ulid(), 'name' => 'Ada'])->assertStatus(201);
        self::assertSame([$second, $first], array_column((array) $this->getJson("/api/papers/{$paper}/hand-ins")->json(), 'id'));
        self::assertSame([$second, 2], [$this->as($this->teacher)->getJson("/api/courses/{$course}")->json('papers.0.handIn.id'), $this->getJson("/api/courses/{$course}")->json('papers.0.handIn.times')]);
    }

    public function test_the_teachers_remarks_stand_on_the_paper_and_the_groups_own_stay_their_own(): void
    {
        [$course, $token] = $this->course([]);
        $paper = $this->as($this->guest)->newPaper();
        $source = $this->newSource($paper, self::book());
        $this->postJson("/api/papers/{$paper}/course", ['token' => $token]);
        $this->postJson("/api/papers/{$paper}/hand-ins", ['id' => $handIn = (string) Str::ulid(), 'name' => 'Ada']);
        $this->putJson("/api/papers/{$paper}/comments/".Str::ulid(), ['source' => $source, 'text' => 'Between us.']);
        $at = "/api/courses/{$course}/hand-ins/{$handIn}";
        $this->as($this->teacher)->putJson("{$at}/comments/".($remark = (string) Str::ulid()), ['source' => $source, 'text' => 'Which edition?'])->assertStatus(201);
        self::assertSame(['Which edition?'], array_column((array) $this->getJson($at)->json('comments'), 'text'));
        $said = (array) $this->as($this->guest)->getJson("/api/papers/{$paper}/comments")->json();
        self::assertSame([['Between us.', false], ['Which edition?', true]], array_map(static fn (array $one): array => [$one['text'], $one['ofHandIn']], $said));
        $this->putJson("/api/papers/{$paper}/comments/".Str::ulid(), ['answers' => $remark, 'text' => 'The second.'])->assertStatus(201);
        self::assertSame(['Which edition?', 'The second.'], array_column((array) $this->as($this->teacher)->getJson($at)->json('comments'), 'text'));
        $this->deleteJson("{$at}/comments/{$remark}")->assertStatus(204);
        self::assertSame(['The second.'], array_column((array) $this->getJson($at)->json('comments'), 'text'));
    }

    public function test_sources_several_have_are_told(): void
    {
        [$course, $token] = $this->course([]);
        $people = ['Ada' => ['Moonpower', 'Salt'], 'Rafi' => ['Moonpower', 'Silt'], 'Mona' => ['Moonpower', 'Salt'], 'Ines' => ['Nothing shared']];
        foreach ($people as $name => $titles) {
            $paper = $this->as((string) Str::ulid())->newPaper();
            foreach ($titles as $title) {
                $this->newSource($paper, self::book($title.' and the sea'));
            }
            $this->postJson("/api/papers/{$paper}/course", ['token' => $token])->assertOk();
            $this->postJson("/api/papers/{$paper}/hand-ins", ['id' => (string) Str::ulid(), 'name' => $name])->assertStatus(201);
        }
        self::assertSame(
            [['name' => 'Moonpower and the sea', 'people' => ['Ada', 'Rafi', 'Mona']], ['name' => 'Salt and the sea', 'people' => ['Ada', 'Mona']]],
            $this->as($this->teacher)->getJson("/api/courses/{$course}")->json('shared'),
        );
    }

    public function test_a_course_changed_in_two_tabs_is_not_written_over(): void
    {
        [$course] = $this->course([]);
        $this->putJson("/api/courses/{$course}", ['version' => 1, 'title' => 'History 11', 'style' => 'mla-9'])->assertOk();
        $this->putJson("/api/courses/{$course}", ['version' => 1, 'title' => 'History 12', 'style' => 'mla-9'])->assertStatus(409);
        $this->putJson("/api/courses/{$course}", ['version' => 2, 'title' => '', 'style' => 'mla-9'])->assertStatus(422)->assertJsonPath('detail', 'Give the course a name, so that students know it is theirs.');
    }

    /**
     * @param  array<string, mixed>  $asked
     * @return array{string, string} id and token
     */
    private function course(array $asked): array
    {
        $id = (string) Str::ulid();
        $address = $this->as($this->teacher)->putJson("/api/courses/{$id}", $asked + ['version' => 0, 'title' => 'History 10', 'style' => 'mla-9'])->assertStatus(201)->json('address');

        return [$id, basename((string) $address)];
    }
}
