<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect\Propose;

use Zebrafinch\Core\Dialect\Description;
use Zebrafinch\Core\Dialect\KeyFileText;
use Zebrafinch\Core\Dialect\UnreadableKeyFile;
use Zebrafinch\Core\Text\TextEncoding;

/**
 * Proposes a description for key files of an application that nobody has described.
 *
 * @phpstan-import-type DescriptionData from Description
 */
final readonly class Proposer
{
    /**
     * @param  non-empty-list<string>  $files  the bytes of key files of one application; the first is the one that is shown
     * @param  list<Correction>  $corrections  of the first file
     *
     * @throws UnreadableKeyFile when nothing like bindings is found in it
     */
    public static function propose(array $files, array $corrections, string $id, string $fileName): Proposal
    {
        $encoding = self::encoding($files[0]);
        $texts = array_map(static fn (string $bytes): string => KeyFileText::of($bytes, $encoding), $files);
        $best = (new Candidates($texts[0], $encoding, $corrections))->best() ?? throw UnreadableKeyFile::nothingLikeBindings();
        $data = self::description($best, $encoding, $id, $fileName, $texts[0]);
        $description = Description::fromData($data);
        $catalogue = CatalogueProposal::of($description, $best->title, $texts);

        return new Proposal(
            $data,
            $catalogue->contexts,
            $catalogue->commands,
            ($data['spelling']['keys']['by'] ?? '') === 'character',
            $best->gesture !== null,
            Certainties::of($best, $data),
        );
    }

    private static function encoding(string $bytes): TextEncoding
    {
        return TextEncoding::marked($bytes) ?? (mb_check_encoding($bytes, 'UTF-8') ? TextEncoding::Utf8 : TextEncoding::Latin1);
    }

    /** @return DescriptionData */
    private static function description(Candidate $best, TextEncoding $encoding, string $id, string $fileName, string $text): array
    {
        $hasHeads = in_array($best->shape['kind'], ['lines', 'table'], true);
        $data = [
            'id' => $id,
            'file_name' => $fileName,
            'encoding' => $encoding->value,
            'shape' => $best->shape,
            'path' => $best->group->path,
            'outside' => $hasHeads && count($best->group->path) > 1,
            'command' => $best->command->locator->toData(),
            'chords' => $best->chords->locators,
            'beside' => $best->beside,
            'lists_unbound' => self::listsUnbound($best),
            'spelling' => $best->chords->spelling,
            'sample' => '',
        ];
        $data += $best->context === null ? [] : ['context' => $best->context->locator->toData()];
        $data += $best->title === null ? [] : ['title' => $best->title->locator->toData()];
        $data +=
            $best->gesture === null
                ? []
                : ['gesture' => ['at' => $best->gesture[0]->locator->toData(), 'tap' => $best->gesture[1], 'hold' => $best->gesture[2]]];

        return ['sample' => SampleMaker::of(Description::fromData($data), $text)] + $data;
    }

    /** Whether commands without a chord stand in the file, too. */
    private static function listsUnbound(Candidate $best): bool
    {
        $bound = 0;
        foreach ($best->group->parts as $index => $part) {
            foreach ($best->chords->used as $slot) {
                $texts = array_filter($slot->found[$index] ?? [], static fn ($one): bool => ! SpellingGuess::isUnbound($one->text));
                if ($texts !== []) {
                    $bound++;

                    break;
                }
            }
        }

        return $bound < count($best->group->parts);
    }
}
