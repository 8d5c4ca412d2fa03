<?php

declare(strict_types=1);

namespace App\Exchange\Table;

use App\Account\User;
use App\Books\BookShelf;
use App\Intake\CaseFile;
use App\Intake\Complaint;
use App\Intake\TakeIn;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Family\Book;
use Symfony\Component\Validator\Validator\ValidatorInterface;

/** Units that come in, one a line; each gets its number here. */
final readonly class CaseRows implements TableRows
{
    private const FIELDS = [
        'customer' => 'customer', 'unit' => 'unitName', 'maker' => 'maker', 'model' => 'model', 'serial' => 'serial', 'tag' => 'tag',
        'since new' => 'serviceSinceNew', 'since repair' => 'serviceSinceRepair', 'repaired by' => 'repairedBy',
        'replaced then' => 'replacedThen',
    ];

    public function __construct(
        private BookShelf $shelf,
        private ValidatorInterface $validator,
        private TakeIn $take,
        private EntityManagerInterface $entityManager,
    ) {
    }

    public function must(): array
    {
        return ['family', 'customer'];
    }

    public function may(): array
    {
        return [...array_values(array_diff(array_keys(self::FIELDS), ['customer'])), 'complaint', 'words', 'comes back'];
    }

    public function example(): string
    {
        return "family,customer,unit,model,serial,since new,complaint,words\n"
            .'External gear pump,Fish quay,Ice pump,G28,VG28-4711,2600 h,low-flow,"no pressure when hot"';
    }

    public function plan(array $lines, ?CaseFile $case, User $who): array
    {
        return array_map(fn (array $line): PlannedLine => $this->line($line, $who), $lines);
    }

    /** @param array<string, string> $line */
    private function line(array $line, User $who): PlannedLine
    {
        $book = $this->book($line['family']);
        if (null === $book) {
            return PlannedLine::refused(\sprintf('There is no book “%s”. They are called: %s.', $line['family'], implode(', ', array_map(
                static fn (Book $one): string => $one->title,
                $this->shelf->all(),
            ))));
        }
        $case = new CaseFile('', $book->key);
        foreach (self::FIELDS as $column => $field) {
            $case->{$field} = $line[$column] ?? '';
        }
        $complaint = null;
        if ('' !== ($line['complaint'] ?? '')) {
            $what = Meant::key($line['complaint'], array_map(static fn (object $one): string => $one->name, $book->complaints));
            if (null === $what) {
                return PlannedLine::refused(\sprintf(
                    '“%s” is no complaint of %s. They are called: %s.',
                    $line['complaint'],
                    mb_strtolower($book->title),
                    implode(', ', array_keys($book->complaints)),
                ));
            }
            $complaint = new Complaint($case);
            [$complaint->what, $complaint->words] = [$what, $line['words'] ?? ''];
        }
        foreach ([$case, $complaint] as $thing) {
            foreach (null === $thing ? [] : $this->validator->validate($thing) as $fault) {
                return PlannedLine::refused($fault->getPropertyPath().': '.$fault->getMessage());
            }
        }
        $name = implode(', ', array_filter([trim($case->maker.' '.$case->model) ?: $book->title, $case->serial, $case->customer]));

        return PlannedLine::taken($name.(null === $complaint ? '' : ': '.$book->complaints[$complaint->what]->name), function () use (
            $case, $complaint, $line, $who,
        ): void {
            ($this->take)($case, $who, Meant::isYes($line['comes back'] ?? ''));
            if (null !== $complaint) {
                $this->entityManager->persist($complaint);
            }
        });
    }

    private function book(string $typed): ?Book
    {
        foreach ($this->shelf->all() as $book) {
            if (\in_array(mb_strtolower($typed), [$book->key, mb_strtolower($book->title)], true)) {
                return $book;
            }
        }

        return null;
    }
}
