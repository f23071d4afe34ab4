@props(['page'])
@php($reaction = $page->reaction())
@php($torquing = $page->choice()->torquing())
<table class="ledger">
    <tbody>
        @if ($reaction)
            <x-sum-row what="Nut pulls with" :is="number_format($reaction->preload / 1000, 1).' kN'"
                :note="'torque over K × thread diameter; K '.$torquing->threadState->torqueFactor().', '.$torquing->threadState->value" />
            <x-sum-row what="Friction holds" :is="$page->torqueUnit->show($reaction->hold)"
                :note="'two '.$torquing->face->value.' faces, μ '.number_format($torquing->face->friction(), 2).', mean radius '.$page->unit->show($torquing->size->meanRadius() * 1000)" />
            <x-sum-row what="Motor turns with up to" :is="$page->torqueUnit->show($reaction->motorTorque)" note="catalogue" />
            <x-sum-row what="The rest must carry" :is="$page->torqueUnit->show($reaction->leftForTheRest())" total
                :note="$reaction->isHeldByFriction() ? 'friction alone holds; a rest still is good practice' : 'friction alone does not hold'" />
        @else
            <x-sum-row what="The rest must carry" :is="$page->torqueUnit->show($page->motor()->maxTorqueNm)" note="no nut clamps this body" total />
        @endif
        <x-sum-row what="Load on the rest" :is="$page->restLoad() === null ? '–' : number_format($page->restLoad(), 0).' N'"
            :note="$page->choice()->restRadius() ? 'at '.$page->unit->showCoarse($page->choice()->restRadius()).' from the axis' : 'measure to where the body rests'" />
    </tbody>
</table>
