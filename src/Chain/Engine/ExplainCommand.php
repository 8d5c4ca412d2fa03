<?php

declare(strict_types=1);

namespace App\Chain\Engine;

use App\Books\BookShelf;
use App\Intake\Repository\CaseFileRepository;
use Japhrex\Core\Chain\Ground\Spot;
use Japhrex\Core\Chain\Ground\Tie;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** How a book was grounded on a case: which conditions there are, and why each link is there. */
#[AsCommand('app:chain:explain', 'Lists the conditions of a case, what was seen of them, and why each link is there')]
final class ExplainCommand extends Command
{
    public function __construct(
        private readonly CaseAnalysis $analysis,
        private readonly BookShelf $shelf,
        private readonly CaseFileRepository $cases,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('case', InputArgument::REQUIRED, 'number of the case');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $case = $this->cases->numbered($input->getArgument('case'));
        if (null === $case) {
            $output->writeln('There is no such case.');

            return Command::FAILURE;
        }
        $analysis = $this->analysis->analysisOf($case);
        $ground = $analysis->ground;
        $mechanisms = $this->shelf->mechanisms($case->family);
        $why = static fn (Tie $tie): string => \sprintf(
            '%.2f %s%s',
            $tie->strength,
            $mechanisms[$tie->mechanism]->name ?? $tie->mechanism,
            '' === $tie->by ? '' : ' ('.$tie->by.')',
        );
        $output->writeln(
            \sprintf(
                '%s: %d conditions, %d links, %d cut; %s, bridges from %.2f on',
                $case->number,
                \count($ground->spots),
                \count($ground->ties),
                \count($ground->cut),
                $analysis->answer->method,
                $analysis->weakest,
            )
        );
        $output->writeln("\nCandidates");
        foreach ($analysis->candidates() as $one) {
            $output->writeln(
                \sprintf(
                    '  %5.1f %%  %s: explains %d, leaves %d, contradicts %d',
                    100 * $one->posterior,
                    $one->origin->name,
                    \count($one->explains),
                    \count($one->leaves),
                    \count($one->contradicts),
                )
            );
            foreach ($one->story as $tie) {
                $output->writeln(
                    \sprintf('           %s → %s  %s', $ground->spots[$tie->from]->name, $ground->spots[$tie->to]->name, $why($tie))
                );
            }
        }
        $output->writeln("\nNext looks");
        foreach (\array_slice($analysis->looks, 0, 8) as $look) {
            $output->writeln(
                \sprintf(
                    '  %.3f bits, %.4f a minute  %s: %s',
                    $look->bits,
                    $look->bitsPerMinute(),
                    $look->part,
                    implode('; ', array_map(static fn (Spot $spot): string => $spot->name, $look->for)),
                )
            );
        }
        $output->writeln("\nSeen");
        foreach ($ground->seen as $id => $evidence) {
            $output->writeln(
                \sprintf(
                    '  %s: %s (%g if so, %g if not)',
                    $ground->spots[$id]->name,
                    $evidence->said,
                    $evidence->ifTrue,
                    $evidence->ifFalse,
                )
            );
        }
        $output->writeln("\nConditions and what leads to them");
        foreach ($ground->spots as $id => $spot) {
            $output->writeln(\sprintf('  %s  [%s] by itself %.4f', $spot->name, $spot->kind, $spot->leak));
            foreach ($ground->into[$id] ?? [] as $tie) {
                $output->writeln(\sprintf('      from %s  %s', $ground->spots[$tie->from]->name, $why($tie)));
            }
        }
        $output->writeln("\nCut, since they would close a loop");
        foreach ($ground->cut as $tie) {
            $output->writeln(\sprintf('  %s → %s  %s', $ground->spots[$tie->from]->name, $ground->spots[$tie->to]->name, $why($tie)));
        }

        $output->writeln("\nNot so in this case");
        foreach ($ground->barred as $key => $reason) {
            $output->writeln(\sprintf('  %s  %s', $key, $reason));
        }

        return Command::SUCCESS;
    }
}
