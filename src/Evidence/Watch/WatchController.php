<?php

declare(strict_types=1);

namespace App\Evidence\Watch;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Books\BookShelf;
use App\Evidence\Finding;
use App\Evidence\RecordFinding;
use App\Intake\CaseGate;
use App\Platform\ShopError;
use App\Platform\WayBack;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** A look at a known weak place is a look at its part: what is told here is a finding like any other. */
final class WatchController extends AbstractController
{
    #[Route('/cases/{number}/watch/{key}', name: 'watch_look', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function look(
        string $number,
        string $key,
        Request $request,
        CaseGate $gate,
        BookShelf $shelf,
        CurrentPerson $person,
        RecordFinding $record,
    ): Response {
        $case = $gate->open($number, Permission::BENCH);
        $watch = $shelf->book($case->family, $case->is())->watch[$key] ?? throw new ShopError('The book has no such weak place.', 404);
        $grade = (string) $request->request->get('grade', '');
        if (1 !== preg_match('/^[0-4]$/', $grade)) {
            throw new ShopError('A weak place is looked at and clean (0), or it is there with a grade from 1 to 4.', 422);
        }
        $place = explode('/', $watch->place, 2);
        $finding = new Finding($case, $part = $place[0]);
        if ('0' === $grade) {
            $finding->lookedClean($place[1] ?? null);
            $finding->remark($watch->what.': looked for, not there.');
        } else {
            $mode = $watch->mode
                ?? throw new ShopError('The book does not say which damage this is; tell it on the page of the part.', 422);
            $finding->sawDamage($mode, (int) $grade, $watch->what.'.', $place[1] ?? null);
        }
        $record($finding, $person->get());

        return WayBack::of($request, $this->generateUrl('part', ['number' => $case->number, 'part' => $part]));
    }
}
