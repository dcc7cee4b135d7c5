<?php

use App\Documents\Schemas;
use Jacotaxis\Core\Concept\Document\CallDocument;
use Jacotaxis\Core\Concept\Document\LookDocument;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Film\FilmReader;
use Jacotaxis\Core\Proof\Proving;
use Jacotaxis\Core\Proof\Scene\Setting;
use Jacotaxis\Core\Proof\Telling\Told;
use Jacotaxis\Core\Words\Describer;
use Jacotaxis\Core\Words\LookParser;

/*
 * Documents as the first versions of the program wrote them (tests/Feature/Fixtures/first-documents.json): they are
 * valid today, and say what their words say.
 */

/** @return list<array<string, mixed>> */
function firstDocuments(string $kind): array
{
    $all = json_decode((string) file_get_contents(__DIR__.'/Fixtures/first-documents.json'), true);

    return $all[$kind];
}

it('reads the first calls', function (): void {
    foreach (firstDocuments('calls') as ['says' => $says, 'document' => $document]) {
        app(Schemas::class)->check('call', json_decode((string) json_encode($document)));
        $call = CallDocument::read($document);
        $proof = Proving::of($call, LookParser::parse('4-2 nickel, cover 3'), new Setting(Situation::of()));

        expect(Describer::words($call))->toBe($says)->and(count(Told::jobs($proof)))->toBe(11);
    }
});

it('reads the first looks', function (): void {
    foreach (firstDocuments('looks') as ['words' => $words, 'document' => $document]) {
        app(Schemas::class)->check('look', json_decode((string) json_encode($document)));

        expect(LookDocument::read($document)->words())->toBe(LookParser::parse($words)->words());
    }
});

it('reads the first films', function (): void {
    foreach (firstDocuments('films') as ['document' => $document]) {
        app(Schemas::class)->check('film', json_decode((string) json_encode($document)));
        $film = FilmReader::read($document);

        expect($film->marks)->toHaveCount(count($document['marks'] ?? []))
            ->and($film->plots)->toHaveCount(count($document['plots'] ?? []));
    }
});

it('refuses a document of a version it does not know', function (): void {
    $document = ['version' => 99] + firstDocuments('calls')[0]['document'];
    app(Schemas::class)->check('call', json_decode((string) json_encode($document)));
})->throws(App\Documents\NotValid::class, '/version');
