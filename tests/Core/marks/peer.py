#!/usr/bin/env python3
"""Marks worked out a second time, from the craft's page (section 13) and not from the core: writes conformance/mark.json.

A rubric's criteria give points by bands; technique and accuracy are averaged over ingredients; what nobody saw is left out and the rest
counts for all. Fractions throughout, halves up.
"""
import json
import pathlib
import random
from fractions import Fraction
from math import ceil, floor

FAMILIES = ['fine-powder', 'granular-sugar', 'leavener-spice', 'thin-liquid', 'solid-fat', 'counted']
STEPS = ['clean-dry-empty', 'loosen', 'spoon-heaped', 'sweep-level', 'return-excess', 'eye-level', 'flat-surface', 'scrape-out']
USUAL = {
    'process': [(0, 49, 30), (50, 74, 60), (75, 99, 80), (100, 100, 100)],
    'clean-up': [(0, 49, 30), (50, 74, 60), (75, 99, 80), (100, 100, 100)],
    'accuracy': [(0, 100, 100), (101, 150, 75), (151, 200, 50), (201, None, 25)],
    'handing-in': [(0, 0, 100), (1, 1, 80), (2, 3, 60), (4, None, 30)],
    'teamwork': [(0, 0, 0), (1, 1, 40), (2, 2, 60), (3, 3, 80), (4, 4, 100)],
}
MOST = {'process': 100, 'clean-up': 100, 'teamwork': 4, 'accuracy': None, 'handing-in': None}
TEMPLATES = {
    'four-parts': [('process', 40, 50), ('accuracy', 40, 50), ('handing-in', 10, 50), ('clean-up', 10, 50)],
    'quick': [('process', 50, 50), ('accuracy', 50, 50)],
    'exam': [('process', 30, 50), ('accuracy', 70, 100)],
    'together': [('process', 30, 50), ('accuracy', 30, 50), ('teamwork', 20, 50), ('clean-up', 20, 50)],
}


def half_up(x):
    return floor(Fraction(x) + Fraction(1, 2))


def worth(bands, value):
    return next(score for low, high, score in bands if low <= value and (high is None or value <= high))


def off(one):
    if one['verdict'] in ('level', 'too-close'):
        return 0
    return max(101, ceil(abs(Fraction(str(one['error_g']))) * 100 / Fraction(str(one['tolerance_g']))))


def points(criterion, evidence):
    kind, bands = criterion['kind'], criterion['bands']
    if kind in ('process', 'accuracy'):
        scores = []
        for line in evidence['lines']:
            if criterion['families'] and line['family'] not in criterion['families']:
                continue
            if kind == 'process':
                seen = len(line['done']) + len(line['missed'])
                if seen:
                    scores.append(Fraction(worth(bands, half_up(Fraction(100 * len(line['done']), seen)))))
            elif line['tries']:
                first = worth(bands, off(line['tries'][0]))
                best = worth(bands, min(off(one) for one in line['tries']))
                share = Fraction(criterion['first_share'], 100)
                scores.append(share * first + (1 - share) * best)
        return half_up(sum(scores) / len(scores) * criterion['weight'] / 100) if scores else None
    if kind == 'handing-in':
        value = evidence.get('days_late')
    elif kind == 'clean-up':
        value = half_up(Fraction(100 * evidence['cleaned']['done'], evidence['cleaned']['of'])) if 'cleaned' in evidence else None
    else:
        value = evidence.get('levels', {}).get(criterion['id'])
    return None if value is None else half_up(Fraction(worth(bands, value) * criterion['weight'], 100))


def bands_of(kind):
    """Random bands without gap or overlap, worth never less for more (or never more, where more is worse)."""
    if random.random() < 0.4:
        return USUAL[kind]
    most = MOST[kind]
    top = most if most is not None else 300 if kind == 'accuracy' else 12
    cuts = sorted(random.sample(range(1, top + 1), random.randint(0, min(4, top))))
    starts, scores = [0, *cuts], sorted(random.randint(0, 100) for _ in range(len(cuts) + 1))
    if most is None:
        scores.reverse()
    ends = [*(cut - 1 for cut in cuts), most]
    return list(zip(starts, ends, scores))


def rubric():
    kinds = random.sample(list(USUAL), random.randint(1, 5))
    cuts = sorted(random.sample(range(1, 100), len(kinds) - 1))
    weights = [b - a for a, b in zip([0, *cuts], [*cuts, 100])]
    return [{
        'id': kind, 'kind': kind, 'weight': weight, 'bands': bands_of(kind),
        'families': random.sample(FAMILIES, random.randint(1, 3)) if kind in ('process', 'accuracy') and random.random() < 0.3 else [],
        'first_share': random.choice([0, 30, 50, 100]),
    } for kind, weight in zip(kinds, weights)]


def one_try():
    verdict = random.choice(['level', 'level', 'heaped', 'shy', 'too-close'])
    tolerance = random.choice([0.2, 1, 4.8, 10, 17.36])
    share = {'level': random.uniform(0, 0.9), 'too-close': random.uniform(0.9, 1.1)}.get(verdict, random.uniform(1.02, 3))
    error = round(tolerance * share, 3) * (-1 if verdict == 'shy' else 1)
    return {'verdict': verdict, 'error_g': error, 'tolerance_g': tolerance, 'grams': 100 + error}


def evidence(criteria):
    lines = []
    for i in range(random.randint(0, 5)):
        steps = random.sample(STEPS, random.randint(0, 6))
        cut = random.randint(0, len(steps))
        lines.append({
            'id': f'line {i + 1}', 'family': random.choice(FAMILIES), 'done': steps[:cut], 'missed': steps[cut:],
            'tries': [one_try() for _ in range(random.randint(0, 3))],
        })
    found = {'lines': lines}
    if random.random() < 0.8:
        found['days_late'] = random.choice([0, 0, 0, 1, 2, 3, 4, 9, 30])
    if random.random() < 0.8:
        of = random.randint(1, 9)
        found['cleaned'] = {'done': random.randint(0, of), 'of': of}
    if any(one['kind'] == 'teamwork' for one in criteria) and random.random() < 0.8:
        found['levels'] = {'teamwork': random.randint(0, 4)}
    if random.random() < 0.05:
        found['attendance'] = random.choice(['absent', 'excused'])
    return found


def case(i):
    name = random.choice(list(TEMPLATES)) if i % 3 == 0 else None
    criteria = rubric() if name is None else [{
        'id': kind, 'kind': kind, 'weight': weight, 'bands': USUAL[kind], 'families': [], 'first_share': first,
    } for kind, weight, first in TEMPLATES[name]]
    given = evidence(criteria)
    overrides = {}
    for one in criteria:
        if random.random() < 0.1:
            overrides[one['id']] = {'points': random.randint(0, one['weight']), 'reason': 'The table was not level'}
    expected, got, of = [], 0, 0
    for one in criteria:
        worked_out = points(one, given)
        final = overrides[one['id']]['points'] if one['id'] in overrides else worked_out
        expected.append({'id': one['id'], 'points': final, 'of': one['weight'], 'worked_out': worked_out})
        if final is not None:
            got, of = got + final, of + one['weight']
    is_here = 'attendance' not in given
    shown = name if name else {'name': 'Ours', 'criteria': [
        {**one, 'bands': [{'from': low, 'to': high, 'score': score} for low, high, score in one['bands']]} for one in criteria
    ]}
    return {
        'verb': 'mark', 'given': {'rubric': shown, 'evidence': given, 'overrides': overrides},
        'expect': {
            'score_pct': half_up(Fraction(100 * got, of)) if of and is_here else None, 'criteria': expected if is_here else [],
        },
        'why': f'worked out by the second script, {i + 1}' + (f', {name}' if name else ''),
    }


random.seed(20261129)
cases = [case(i) for i in range(200)]
target = pathlib.Path(__file__).parent.parent / 'conformance' / 'mark.json'
target.write_text('[\n' + ',\n'.join(json.dumps(one, separators=(',', ':')) for one in cases) + '\n]\n')
