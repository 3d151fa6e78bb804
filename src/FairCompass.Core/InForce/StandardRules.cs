using FairCompass.Core.Competitions;
using FairCompass.Core.Languages;
using FairCompass.Core.Policies;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;
using FairCompass.Core.Standards.Figures;

namespace FairCompass.Core.InForce;

/// <summary>What policies, house rules, and own movements must be before they are stored.</summary>
public static class StandardRules
{
    private const int LongestText = 300;
    private const int MostClauses = 80;

    /// <summary>Every objection, with the path of the field.</summary>
    public static IEnumerable<FieldError> Validate(Competition c)
    {
        if (c.Policies.Count > 400 || c.HouseRules.Count > 400 || c.OwnMovements.Count > 100)
        {
            yield return new(
                c.OwnMovements.Count > 100 ? "ownMovements"
                    : c.Policies.Count > 400 ? "policies"
                    : "houseRules",
                "There are too many."
            );
            yield break;
        }

        foreach (var error in Choices(c).Concat(Changes(c)).Concat(Own(c)))
        {
            yield return error;
        }
    }

    private static IEnumerable<FieldError> Choices(Competition c)
    {
        for (var i = 0; i < c.Policies.Count; i++)
        {
            var (path, choice) = ($"policies[{i}]", c.Policies[i]);
            if (Topics.Find(choice.Topic) is not { } topic)
            {
                yield return new(
                    path + ".topic",
                    $"There is no topic “{choice.Topic}”.{(Topics.Nearest(choice.Topic) is { } near ? $" Did you mean “{near}”?" : "")}"
                );
            }
            else if (!topic.IsRetired(choice.Answer) && Answer(topic, choice.Answer) is { } objection)
            {
                yield return new(path + ".answer", objection);
            }

            if (choice.Division is { } division && c.Find(division) is null)
            {
                yield return new(path + ".division", $"There is no division “{division}”.");
            }

            if (c.Policies.Take(i).Any(p => Same(p.Topic, choice.Topic) && Same(p.Division ?? "", choice.Division ?? "")))
            {
                yield return new(path + ".topic", $"“{choice.Topic}” is answered twice{(choice.Division is { } d ? $" for {d}" : "")}.");
            }
        }
    }

    /// <summary>Why an answer to a topic cannot be taken; null when it can.</summary>
    public static string? Answer(Topic topic, string answer) =>
        topic.Find(answer) is not null ? null
        : !topic.TakesWords ? $"For “{topic.Name}” say one of: {string.Join("; ", topic.Schools.Select(s => s.Name))}."
        : answer.Trim().Length is 0 or > LongestText ? $"Say it in 1 to {LongestText} characters."
        : null;

    private static IEnumerable<FieldError> Changes(Competition c)
    {
        var book = StandardsBook.Of(c);
        for (var i = 0; i < c.HouseRules.Count; i++)
        {
            var (path, rule) = ($"houseRules[{i}]", c.HouseRules[i]);
            if (book.ById(rule.Movement) is not { } movement)
            {
                yield return new(path + ".movement", $"There is no movement “{rule.Movement}”.");
                continue;
            }

            if (rule.Division is { } division && c.Find(division) is null)
            {
                yield return new(path + ".division", $"There is no division “{division}”.");
            }

            if (
                c
                    .HouseRules.Take(i)
                    .Any(o => o.Movement == rule.Movement && o.Clause == rule.Clause && Same(o.Division ?? "", rule.Division ?? ""))
            )
            {
                yield return new(
                    path + ".clause",
                    $"This clause is said differently twice{(rule.Division is { } twice ? $" for {twice}" : "")}; only one can hold."
                );
            }

            var known = movement.Clauses.Any(x => x.Id == rule.Clause);
            if (Id(rule.Clause) is { } bad)
            {
                yield return new(path + ".clause", bad);
            }
            else if (!known && (rule.DoesNotApply || rule.Text is null))
            {
                yield return new(path + ".clause", $"{movement.Name.English} has no clause “{rule.Clause}”; a new one needs its text.");
            }

            if (rule.Sign is not null && rule.Then is null && movement.Faults.All(f => f.Breaks != rule.Clause))
            {
                yield return new(path + ".then", "Say what follows: without a consequence each judge decides alone.");
            }

            foreach (
                var (field, text) in ((string, Said?)[])
                    [("text", rule.Text), ("sign", rule.Sign), ("call", rule.Call), ("athlete", rule.Athlete)]
            )
            {
                if (text is not null && Text(text) is { } objection)
                {
                    yield return new($"{path}.{field}", objection);
                }
            }
        }
    }

    private static IEnumerable<FieldError> Own(Competition c)
    {
        for (var i = 0; i < c.OwnMovements.Count; i++)
        {
            foreach (var error in Movement(c.OwnMovements[i], c.OwnMovements.Take(i)))
            {
                yield return error with
                {
                    Path = $"ownMovements[{i}].{error.Path}",
                };
            }
        }
    }

    /// <summary>Every objection to a movement of one’s own.</summary>
    /// <param name="m">The movement.</param>
    /// <param name="others">Own movements that come before it.</param>
    public static IEnumerable<FieldError> Movement(Movement m, IEnumerable<Movement> others)
    {
        FieldError[] all =
        [
            .. Names(m, others),
            .. Sentences(m),
            .. m.Clauses.SelectMany((_, i) => Clause(m, i)),
            .. m.Faults.SelectMany((_, i) => Fault(m, i)),
            .. Drawn(m),
            .. Whole(m),
        ];
        return all;
    }

    private static IEnumerable<FieldError> Names(Movement m, IEnumerable<Movement> others)
    {
        if (Id(m.Id) is { } bad)
        {
            yield return new("id", bad);
        }

        if (CompetitionRules.NameError(m.Name.English, 80, required: true) is { } name)
        {
            yield return new("name.english", name);
        }
        else if (!char.IsLetter(m.Name.English[0]) || m.Name.English.IndexOfAny([',', ':', '(', ')', '/', '"']) >= 0)
        {
            yield return new(
                "name.english",
                "A movement’s name begins with a letter and has no comma, colon, stroke, or bracket, so that drafts can write it."
            );
        }
        else if (others.Any(o => o.Id == m.Id || Same(o.Name.English, m.Name.English)))
        {
            yield return new("name.english", "Another movement of your own has this name.");
        }

        if (m.Name.Spanish is { } spanish && CompetitionRules.NameError(spanish, 80, required: true) is { } other)
        {
            yield return new("name.spanish", other);
        }

        if (
            m.Synonyms.Count > 20
            || m.Synonyms.Select(n => CompetitionRules.NameError(n, 80, required: false)).FirstOrDefault(e => e is not null) is not null
        )
        {
            yield return new("synonyms", "At most 20 other names of at most 80 characters each.");
        }
    }

    private static IEnumerable<FieldError> Sentences(Movement m)
    {
        foreach (
            var (field, said) in ((string, Said)[])
                [
                    ("family", m.Family),
                    ("judge.place", m.Judge.Place),
                    ("judge.call", m.Judge.Call),
                    .. m.Cautions.Select(c => ("cautions", c)),
                    .. m.Measures.Select(c => ("measures", c)),
                    .. m.Relaxations.Select(c => ("relaxations", c)),
                ]
        )
        {
            if (Text(said) is { } objection)
            {
                yield return new(field, objection);
            }
        }
    }

    private static IEnumerable<FieldError> Clause(Movement m, int i)
    {
        if (Id(m.Clauses[i].Id) is { } clause || Text(m.Clauses[i].Text) is { } text && (clause = text) is not null)
        {
            yield return new($"clauses[{i}].text", clause!);
        }

        if (m.Clauses[i].Of is { } of)
        {
            foreach (
                var (field, value, most) in ((string, decimal?, decimal)[])
                    [
                        ("angleDegrees", of.AngleDegrees, 180),
                        ("heightMillimetres", of.HeightMillimetres, 20_000),
                        ("count", of.Count, 1000),
                        ("holdMilliseconds", of.HoldMilliseconds, 3_600_000),
                    ]
            )
            {
                if (value is { } given && (given < 0 || given > most || given != decimal.Truncate(given)))
                {
                    yield return new($"clauses[{i}].of.{field}", $"A whole number from 0 to {most}.");
                }
            }
        }

        if (m.Clauses.Take(i).Any(o => o.Id == m.Clauses[i].Id))
        {
            yield return new($"clauses[{i}].id", "Two clauses have the same id.");
        }
    }

    private static IEnumerable<FieldError> Fault(Movement m, int i)
    {
        if (Id(m.Faults[i].Id) is { } wrong)
        {
            yield return new($"faults[{i}].id", wrong);
        }

        if (m.Clauses.All(x => x.Id != m.Faults[i].Breaks))
        {
            yield return new($"faults[{i}].breaks", $"There is no clause “{m.Faults[i].Breaks}” to break.");
        }

        foreach (
            var (field, text) in ((string, Said)[])
                [("sign", m.Faults[i].Sign), ("call", m.Faults[i].Call), ("athlete", m.Faults[i].Athlete)]
        )
        {
            if (Text(text) is { } objection)
            {
                yield return new($"faults[{i}].{field}", objection);
            }
        }
    }

    private static IEnumerable<FieldError> Drawn(Movement m)
    {
        if (m.Motion is not null && MotionLibrary.Find(m.Motion) is null)
        {
            yield return new("motion", $"There is no motion “{m.Motion}” to draw figures from.");
        }

        for (var i = 0; i < m.Poses.Count; i++)
        {
            if (Pose(m.Poses[i], m) is { } pose)
            {
                yield return new($"poses[{i}]", pose);
            }
        }
    }

    private static IEnumerable<FieldError> Whole(Movement m)
    {
        if (m.Clauses.Count > MostClauses || m.Faults.Count > MostClauses || m.Poses.Count > MostClauses)
        {
            yield return new("clauses", $"At most {MostClauses} clauses, no-reps, and positions.");
        }

        if (m.Clauses.All(x => x.Phase != Phase.Finish))
        {
            yield return new("clauses", "Say what ends a rep: a standard needs at least one clause for the finish.");
        }

        if (m.Faults.Count == 0)
        {
            yield return new("faults", "Say at least one no-rep, with its call and what follows.");
        }
    }

    private static string? Pose(OwnPose pose, Movement m) =>
        pose.Phase is not (Phase.Start or Phase.Through or Phase.Finish) ? "Figures show the start, the way, and the finish."
        : pose.Breaks is { } clause && m.Clauses.All(c => c.Id != clause) ? $"There is no clause “{clause}” that this position breaks."
        : pose.Angles.Select(a => JointRange.Objection(a.Joint, a.Degrees)).FirstOrDefault(o => o is not null);

    private static string? Id(string id) =>
        id.Length is > 0 and <= 60
        && id.All(ch => char.IsAsciiLetterLower(ch) || char.IsAsciiDigit(ch) || ch is '-' or '\'')
        && char.IsAsciiLetterOrDigit(id[0])
            ? null
            : "An id is 1 to 60 lower-case letters, digits, and hyphens.";

    private static string? Text(Said text) =>
        text.English.Trim().Length == 0 ? "Here the words are missing."
        : text.English.Length > LongestText || text.Spanish?.Length > LongestText
            ? $"At most {LongestText} characters: it must be said aloud."
        : text.English.Any(FairCompass.Core.Text.Characters.IsForbidden)
        || text.Spanish?.Any(FairCompass.Core.Text.Characters.IsForbidden) == true
            ? "Control characters and marks that turn the reading direction cannot be part of a rule."
        : null;

    private static bool Same(string a, string b) => string.Equals(a.Trim(), b.Trim(), StringComparison.OrdinalIgnoreCase);
}
