<?php

declare(strict_types=1);

namespace App\Evidence\Form;

use App\Evidence\Finding;
use App\Platform\Form\Choices;
use Japhrex\Core\Chain\Mechanism\ToldWords;
use Japhrex\Core\Damage\DebrisKind;
use Japhrex\Core\Damage\Feel;
use Japhrex\Core\Damage\FindingKind;
use Japhrex\Core\Damage\ModeCatalogue;
use Japhrex\Core\Damage\Twins;
use Japhrex\Core\Family\Part;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\CheckboxType;
use Symfony\Component\Form\Extension\Core\Type\ChoiceType;
use Symfony\Component\Form\Extension\Core\Type\TextareaType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

final class FindingType extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        /** @var Part $part */
        $part = $options['part'];
        /** @var ModeCatalogue $modes */
        $modes = $options['modes'];
        $surfaces = [];
        foreach ($part->surfaces as $surface) {
            $surfaces[$surface->name] = $surface->key;
        }
        $kinds = [];
        foreach ($modes->modes as $mode) {
            $kinds[$mode->name] = $mode->key;
        }
        $made = [];
        foreach (DebrisKind::cases() as $one) {
            $made[$one->label()] = $one->value;
        }
        /** @var array<string, ToldWords> $lies */
        $lies = $options['lies'];
        if (true === $options['anew']) {
            $builder->add('because', TextType::class, [
                'label' => 'Judged anew because', 'mapped' => false, 'required' => false,
                'attr' => ['maxlength' => 400, 'placeholder' => 'cleaned; lapped lightly; seen under the glass'],
            ]);
        }
        if ($part->count > 1) {
            $builder->add('twins', Choices::class, ['class' => Twins::class, 'label' => \sprintf('Of the %d', $part->count)]);
        }
        $builder
            ->add(
                'kind',
                Choices::class,
                ['class' => FindingKind::class, 'label' => 'What it is', 'required' => true, 'empty_data' => FindingKind::Damage->value],
            )
            ->add(
                'surface',
                ChoiceType::class,
                ['choices' => $surfaces, 'label' => 'Where', 'placeholder' => 'the part as a whole', 'required' => false],
            )
            ->add(
                'mode',
                ChoiceType::class,
                ['choices' => $kinds, 'label' => 'Kind of damage', 'placeholder' => 'choose', 'required' => false],
            )
            ->add(
                'grade',
                ChoiceType::class,
                [
                    'choices' => ['0' => 0, '1' => 1, '2' => 2, '3' => 3, '4' => 4],
                    'label' => 'Grade',
                    'block_prefix' => 'grades',
                    'empty_data' => '0',
                ],
            )
            ->add(
                'made',
                ChoiceType::class,
                [
                    'choices' => $made,
                    'label' => 'What the debris is made of',
                    'multiple' => true,
                    'required' => false,
                    'block_prefix' => 'debris',
                    'choice_attr' => static fn (string $kind): array => ['data-told' => DebrisKind::from($kind)->howItIsTold()],
                ],
            )
            ->add('lay', WhatLayType::class, ['label' => false])
            ->add('how', HowSeenType::class, ['label' => false])
            ->add('lies', ChoiceType::class, [
                'choices' => array_flip(array_map(static fn (ToldWords $one): string => $one->name, $lies)),
                'choice_attr' => static fn (string $key): array => ['data-with' => implode(' ', $lies[$key]->with)],
                'label' => 'How it lies, how it broke', 'placeholder' => 'not said', 'required' => false,
            ])
            ->add('feel', Choices::class, ['class' => Feel::class, 'label' => 'Nail and pick'])
            ->add('beyond', CheckboxType::class, [
                'label' => 'Beyond what was complained of: it is told, and the chain need not explain it',
                'required' => false,
            ])
            ->add('note', TextareaType::class, ['label' => 'In words', 'required' => false, 'empty_data' => '']);
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => Finding::class, 'three_way' => true, 'anew' => false]);
        $resolver->setRequired(['part', 'modes', 'lies']);
        $resolver->setAllowedTypes('lies', 'array');
        // Was it judged before?
        $resolver->setAllowedTypes('anew', 'bool');
        $resolver->setAllowedTypes('part', Part::class);
        $resolver->setAllowedTypes('modes', ModeCatalogue::class);
    }
}
