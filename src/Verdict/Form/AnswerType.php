<?php

declare(strict_types=1);

namespace App\Verdict\Form;

use App\Chain\ChainNode;
use App\Platform\Form\Choices;
use App\Verdict\OwnAnswer;
use Japhrex\Core\Verdict\Responsibility;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\CheckboxType;
use Symfony\Component\Form\Extension\Core\Type\ChoiceType;
use Symfony\Component\Form\Extension\Core\Type\TextareaType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

/** What is answered to a complaint: by the verdict to all of them, or to one that has an origin of its own. */
final class AnswerType extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $builder
            ->add('origin', ChoiceType::class, [
                'choices' => $options['origins'],
                'choice_value' => static fn (?ChainNode $node): string => null === $node ? '' : (string) $node->id,
                'choice_label' => static fn (ChainNode $node): string => $node->name,
                'label' => 'Origin', 'placeholder' => 'choose from the chain', 'required' => false,
            ])
            ->add('causeNotFound', CheckboxType::class, ['label' => 'Cause not found', 'required' => false])
            ->add('responsibility', Choices::class, ['class' => Responsibility::class, 'label' => 'Who carries it'])
            ->add(
                'statement',
                TextareaType::class,
                ['label' => 'What failed first, what it did, and why we say so', 'required' => false, 'empty_data' => ''],
            );
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => OwnAnswer::class, 'three_way' => true, 'origins' => []]);
    }
}
