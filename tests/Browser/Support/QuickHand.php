<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Facebook\WebDriver\Remote\HttpCommandExecutor;
use Facebook\WebDriver\Remote\WebDriverCommand;

/** Moves the pointer at once: the driver else takes a tenth of a second for every move, to look like a person. */
final class QuickHand extends HttpCommandExecutor
{
    public function execute(WebDriverCommand $command)
    {
        $parameters = $command->getParameters();
        if (! isset($parameters['actions'])) {
            return parent::execute($command);
        }
        foreach ($parameters['actions'] as $i => $source) {
            foreach ($source['actions'] ?? [] as $k => $action) {
                if (($action['type'] ?? '') === 'pointerMove') {
                    $parameters['actions'][$i]['actions'][$k]['duration'] = 0;
                }
            }
        }

        return parent::execute(new WebDriverCommand($command->getSessionID(), $command->getName(), $parameters));
    }
}
