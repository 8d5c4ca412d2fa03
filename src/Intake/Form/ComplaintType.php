<?php

declare(strict_types=1);

namespace App\Intake\Form;

use App\Intake\AtSpeed;
use App\Intake\Complaint;
use App\Intake\Ends;
use App\Intake\Extent;
use App\Intake\Ground;
use App\Intake\Onset;
use App\Intake\UnderLoad;
use App\Intake\Warmth;
use App\Platform\Form\Choices;
use Japhrex\Core\Damage\Moment;
use Japhrex\Core\Family\Book;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\ChoiceType;
use Symfony\Component\Form\Extension\Core\Type\EnumType;
use Symfony\Component\Form\Extension\Core\Type\TextareaType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

final class ComplaintType extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        /** @var Book $book */
        $book = $options['book'];
        $what = $asks = [];
        foreach ($book->complaints as $complaint) {
            $what[$complaint->name] = $complaint->key;
            $asks[$complaint->key] = $complaint->ask;
        }
        $now = $options['data'] instanceof Complaint ? $options['data']->what : '';
        $builder
            ->add('what', ChoiceType::class, [
                'choices' => $what,
                'label' => 'What fails',
                'placeholder' => 'choose',
                'choice_attr' => static fn (string $key): array => ['data-ask' => $asks[$key]],
                'setter' => static function (Complaint $complaint, ?string $what): void {
                    $complaint->what = $what ?? '';
                },
            ])
            ->add('words', TextareaType::class, ['label' => "In the customer's words", 'required' => false, 'empty_data' => ''])
            ->add(
                'theory',
                TextareaType::class,
                ['label' => 'Their theory', 'help' => 'what they think it is', 'required' => false, 'empty_data' => ''],
            )
            ->add('answer', TextareaType::class, [
                'label' => 'Asked back', 'help' => ($asks[$now] ?? '') ?: 'what the book asks of it', 'required' => false,
                'empty_data' => '',
            ])
            ->add('warmth', Choices::class, ['class' => Warmth::class, 'label' => ucfirst($book->medium ?: 'unit')])
            ->add('after', TextType::class, ['label' => 'After', 'help' => '20 min', 'required' => false, 'empty_data' => ''])
            ->add('atSpeed', Choices::class, ['class' => AtSpeed::class, 'label' => 'Speed'])
            ->add('underLoad', Choices::class, ['class' => UnderLoad::class, 'label' => 'Load'])
            ->add('extent', Choices::class, ['class' => Extent::class, 'label' => 'What is affected'])
            ->add('which', TextType::class, [
                'label' => 'In which', 'help' => 'range, gear, direction, function', 'required' => false, 'empty_data' => '',
            ])
            ->add('ground', Choices::class, ['class' => Ground::class, 'label' => 'Going'])
            ->add('moment', Choices::class, ['class' => Moment::class, 'label' => 'At what moment'])
            ->add('onset', Choices::class, ['class' => Onset::class, 'label' => 'How it began'])
            ->add(
                'since',
                TextType::class,
                ['label' => 'Since', 'help' => 'date, hours, an event', 'required' => false, 'empty_data' => ''],
            )
            ->add('alongWith', TextType::class, [
                'label' => 'What came with it', 'help' => 'smell, smoke, a lamp, a jerk', 'required' => false, 'empty_data' => '',
            ])
            ->add('located', TextType::class, [
                'label' => 'Its source was located by', 'help' => 'guards off, dried and dusted; before anything was ordered',
                'required' => false, 'empty_data' => '',
            ])
            ->add(
                'tried',
                TextareaType::class,
                [
                    'label' => 'Already tried',
                    'help' => 'an oil change that changed nothing is evidence',
                    'required' => false,
                    'empty_data' => '',
                ],
            );
        if (true === $options['decides']) {
            $builder
                ->add('ends', EnumType::class, [
                    'class' => Ends::class,
                    'choice_label' => static fn (Ends $end): string => $end->label(),
                    'label' => 'It is no failure', 'placeholder' => 'it is one: the chain explains it', 'required' => false,
                ])
                ->add('endsBecause', TextareaType::class, [
                    'label' => 'On what that rests', 'help' => 'how it was tried, for how long, at what heat; what is normal and why',
                    'required' => false, 'empty_data' => '',
                ]);
        }
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => Complaint::class, 'three_way' => true]);
        $resolver->setDefault('decides', false);
        $resolver->setRequired('book');
        $resolver->setAllowedTypes('book', Book::class);
    }
}
