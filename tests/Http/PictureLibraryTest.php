<?php

declare(strict_types=1);

namespace Tests\Http;

/** The library of made-up pictures, which stands in for a picture service: found by words, taken with its credit, not answering. */
final class PictureLibraryTest extends HttpTestCase
{
    public function test_pictures_are_found_by_words_and_each_can_be_looked_at(): void
    {
        $all = $this->getJson('/api/picture-library')->assertOk()->json('pictures');
        self::assertCount(24, $all);
        foreach ($all as $entry) {
            self::assertNotSame('', $entry['credit']);
            $svg = (string) $this->get("/api/picture-library/$entry[id].svg")->assertOk()->assertHeader('content-type', 'image/svg+xml')->getContent();
            self::assertDoesNotMatchRegularExpression('/href|<script|url\((?!#)/', $svg, $entry['id']);
        }
        self::assertSame(['lighthouse-at-night'], array_column($this->getJson('/api/picture-library?search=night+Lighthouse')->json('pictures'), 'id'));
        self::assertContains('ferry-at-dusk', array_column($this->getJson('/api/picture-library?search=ship')->json('pictures'), 'id'), 'by another word for it');
        $this->getJson('/api/picture-library?search=elephant')->assertOk()->assertExactJson(['pictures' => []]);
        $this->get('/api/picture-library/elephant.svg')->assertNotFound();
        $this->get('/api/picture-library/..%2Flibrary.svg')->assertNotFound();
    }

    public function test_a_picture_is_taken_with_who_made_it(): void
    {
        $taken = $this->postJson('/api/picture-library/lighthouse/take')->assertCreated();
        $key = $taken->json('picture');
        self::assertSame(['Lighthouse', 1600, 1000], [$taken->json('name'), $taken->json('width') > 1600 ? 1600 : $taken->json('width'), (int) round($taken->json('height') / $taken->json('width') * 1600)]);
        $this->getJson("/api/pictures/$key/about")->assertOk()->assertExactJson(['name' => 'Lighthouse', 'credit' => $taken->json('credit')]);
        self::assertSame($key, $this->postJson('/api/picture-library/lighthouse/take')->assertCreated()->json('picture'), 'kept once');
        $this->postJson('/api/picture-library/elephant/take')->assertNotFound();
        $this->getJson('/api/pictures/10x10-'.str_repeat('0', 40).'/about')->assertNotFound();

        // In files, too.
        ['document' => $document, 'sheet' => $sheet] = $this->begin(400, 300);
        $this->thing($sheet, 'picture', 0, 0, 160, 100, ['picture' => $key]);
        self::assertSame($taken->json('credit'), json_decode((string) $this->get("/api/documents/$document/file")->getContent(), true)['picture_files'][0]['credit']);
    }

    public function test_where_it_does_not_answer_that_is_said(): void
    {
        config(['allsquare.picture_library' => 'away']);
        foreach ([$this->getJson('/api/picture-library'), $this->getJson('/api/picture-library/lighthouse.svg'), $this->postJson('/api/picture-library/lighthouse/take')] as $answer) {
            $answer->assertStatus(503)->assertJsonPath('detail', 'The picture library does not answer just now. Try again in a moment.');
        }
    }
}
