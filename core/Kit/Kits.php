<?php

declare(strict_types=1);

namespace AllSquare\Core\Kit;

use AllSquare\Core\Refusal;

/** The kits that come with the application: what they are called, by which words they are found, and what makes them. */
final class Kits
{
    /** @return array<string, array{title: string, words: string, make: callable(KitMaker): void}> by name */
    public static function all(): array
    {
        return [
            'card' => ['title' => 'Card', 'words' => 'tile teaser picture article', 'make' => PartKits::card(...)],
            'list-row' => ['title' => 'List row', 'words' => 'item entry line', 'make' => PartKits::listRow(...)],
            'field' => ['title' => 'Form field', 'words' => 'input label entry', 'make' => FormKits::field(...)],
            'buttons' => ['title' => 'Button row', 'words' => 'actions ok cancel', 'make' => FormKits::buttons(...)],
            'step' => ['title' => 'Step', 'words' => 'process number how', 'make' => PartKits::step(...)],
            'key-figure' => ['title' => 'Key figure', 'words' => 'number statistic count', 'make' => PartKits::keyFigure(...)],
            'header' => ['title' => 'Header strip', 'words' => 'navigation top bar menu', 'make' => StripKits::header(...)],
            'foot' => ['title' => 'Foot', 'words' => 'footer bottom', 'make' => StripKits::foot(...)],
            'notice' => ['title' => 'Notice', 'words' => 'alert message warning', 'make' => FormKits::notice(...)],
            'tags' => ['title' => 'Tag row', 'words' => 'labels chips badges', 'make' => FormKits::tags(...)],
            'legend' => ['title' => 'Legend', 'words' => 'key chart map colours', 'make' => PartKits::legend(...)],
            'browser' => ['title' => 'Browser frame', 'words' => 'window page screen', 'make' => StripKits::browser(...)],
            'phone' => ['title' => 'Phone frame', 'words' => 'mobile device screen', 'make' => StripKits::phone(...)],
        ];
    }

    /**
     * @return array{title: string, words: string, make: callable(KitMaker): void}
     *
     * @throws Refusal when there is none of that name
     */
    public static function named(string $name): array
    {
        return self::all()[$name] ?? throw Refusal::because(sprintf('There is no kit "%s".', mb_strimwidth($name, 0, 40, '…')), 'kit');
    }
}
