<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** Does everything that is for some units only name models and choices that the book has? */
final readonly class VariantCheck
{
    /** @return iterable<int, BookProblem> */
    public function problems(Book $book): iterable
    {
        foreach ($this->variants($book) as $at => $variant) {
            foreach ($variant->models as $name) {
                if (null === $book->model($name)) {
                    yield new BookProblem($at, \sprintf('there is no model "%s" in this book.', $name));
                }
            }
            foreach ($variant->variants as $choice => $options) {
                foreach ($options as $option) {
                    if (!isset($book->identity->choices[$choice]->options[$option])) {
                        yield new BookProblem($at, \sprintf('there is no variant "%s: %s" in this book.', $choice, $option));
                    }
                }
            }
        }
    }

    /** @return iterable<string, Variant> */
    private function variants(Book $book): iterable
    {
        foreach ($book->parts as $key => $part) {
            yield from null === $part->for ? [] : ['parts/'.$key => $part->for];
            foreach ($part->fields as $name => $field) {
                foreach ($field->sets as $set) {
                    yield from null === $set->for ? [] : ['parts/'.$key.'/readings/'.$name => $set->for];
                }
            }
        }
        foreach (array_values($book->strip) as $i => $step) {
            yield from null === $step->for ? [] : ['strip/'.$i => $step->for];
            foreach ($step->lifts as $lift) {
                yield from null === $lift->for ? [] : ['strip/'.$i.'/lifts' => $lift->for];
            }
        }
        foreach (['acts' => $book->upkeep->acts, 'sets' => $book->upkeep->sets, 'settings' => $book->upkeep->settings] as $list => $those) {
            foreach (array_values($those) as $i => $one) {
                yield from null === $one->for ? [] : [$list.'/'.$i => $one->for];
            }
        }
    }
}
