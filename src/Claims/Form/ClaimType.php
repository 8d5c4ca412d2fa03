<?php

declare(strict_types=1);

namespace App\Claims\Form;

use App\Account\Form\AmountType;
use App\Claims\Claim;
use Japhrex\Core\Verdict\Policy\Cover;
use Japhrex\Core\Verdict\Policy\Judgement;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\TextareaType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

final class ClaimType extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $judged = $options['judged'] instanceof Judgement ? $options['judged'] : null;
        $builder
            ->add('addressee', TextareaType::class, ['label' => 'To', 'empty_data' => '', 'attr' => ['rows' => 3]])
            ->add('theirReference', TextType::class, ['label' => 'Their number for it', 'required' => false, 'empty_data' => ''])
            ->add('statement', TextareaType::class, ['label' => 'Statement', 'empty_data' => '', 'attr' => ['rows' => 9]]);
        foreach (Cover::cases() as $cover) {
            $builder->add(
                'cost_'.$cover->value,
                AmountType::class,
                [
                    'label' => ucfirst($cover->value).(
                        null === $judged?->edition || \in_array($cover, $judged->edition->covers, true) ? '' : ' (not paid by this policy)'
                    ),
                    'property_path' => "costs[{$cover->value}]",
                ],
            );
        }
        foreach ($judged->lines ?? [] as $line) {
            if (null !== $line->proof) {
                $builder->add(
                    'answer_'.$line->proof->value,
                    TextType::class,
                    [
                        'label' => ucfirst($line->proof->label()),
                        'help' => $line->standing->label().': '.$line->fact,
                        'property_path' => "answers[{$line->proof->value}]",
                        'required' => false,
                        'empty_data' => '',
                        'attr' => ['placeholder' => 'where it is, or how it is shown'],
                    ],
                );
            }
        }
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => Claim::class, 'three_way' => true, 'judged' => null]);
    }
}
