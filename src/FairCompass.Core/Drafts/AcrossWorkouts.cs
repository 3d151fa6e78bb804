using FairCompass.Core.Checks;
using FairCompass.Core.InForce;
using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;
using FairCompass.Core.Text;

namespace FairCompass.Core.Drafts;

/// <summary>What is contradictory between the workouts of a competition, though each is right by itself.</summary>
public static class AcrossWorkouts
{
    /// <summary>The findings of each workout, in the order of the workouts, each with the reason where its draft lets it stand; empty where
    /// nothing is found.</summary>
    /// <param name="all">The workouts of one competition.</param>
    public static IReadOnlyList<Eq<Finding>> Of(IReadOnlyList<Understanding> all)
    {
        var found = all.Select(_ => new List<Finding>()).ToList();
        foreach (var (index, finding) in Titles(all).Concat(Standards(all)))
        {
            found[index].Add(finding);
        }

        return [.. found.Select((f, i) => Waivers.Applied(f, all[i].Workout, all[i].Text.Split('\n')).ToEq())];
    }

    /// <summary>Titles that differ in nothing but case and accents: papers and codes of both would be looked for under one name.</summary>
    private static IEnumerable<(int Workout, Finding Finding)> Titles(IReadOnlyList<Understanding> all)
    {
        var alike = all.Select((u, i) => (u.Workout.Title, Index: i))
            .Where(w => w.Title.Length > 0)
            .GroupBy(w => string.Concat(w.Title.Trim().ToLowerInvariant().Select(Accents.Without)));
        foreach (var (title, index) in alike.SelectMany(g => g.Skip(1)))
        {
            var other = $"{title} {Enumerable.Range(2, all.Count).First(n => all.All(u => u.Workout.Title != $"{title} {n}"))}";
            yield return (
                index,
                Found(
                    all[index],
                    BetweenWorkouts.TitlesTwice,
                    Severity.ShouldFix,
                    1,
                    $"Another workout is called {title} too.",
                    "Papers and codes of both would be looked for under one name.",
                    new Mend($"Write {other}", new TextEdit(1, 1, all[index].Text.Split('\n')[0].Length, other))
                )
            );
        }
    }

    /// <summary>A movement whose rule a workout words for itself, while others leave it as the book has it.</summary>
    private static IEnumerable<(int Workout, Finding Finding)> Standards(IReadOnlyList<Understanding> all)
    {
        if (all.Count == 0)
        {
            yield break;
        }

        var book = StandardsBook.Of(all[0].Competition);
        var used = all.Select(u => WorkoutWords.Movements(u.Workout).Select(m => book.Find(m.Name)).OfType<Movement>().ToHashSet())
            .ToList();
        for (var i = 0; i < all.Count; i++)
        {
            foreach (var (movement, clause, line) in Own(all[i], book))
            {
                var others = all.Where((u, k) => k != i && used[k].Contains(movement) && !Own(u, book).Any(o => Same(o, movement, clause)))
                    .Select(u => u.Workout.Title)
                    .ToList();
                if (others.Count > 0)
                {
                    yield return (
                        i,
                        Found(
                            all[i],
                            BetweenWorkouts.OtherStandard,
                            Severity.WorthALook,
                            line,
                            $"“{clause}” of the {movement.Name.English} is another rule here than in {Words.Join(others)}.",
                            "Athletes and judges read both papers, and carry one rule into the other workout."
                        )
                    );
                }
            }
        }

        static bool Same((Movement Movement, string Clause, int Line) own, Movement movement, string clause) =>
            own.Movement == movement && own.Clause == clause;
    }

    private static IEnumerable<(Movement Movement, string Clause, int Line)> Own(Understanding u, StandardsBook book) =>
        from line in u.Workout.Policies.OfType<Workouts.Policy.ClauseOf>()
        let movement = book.Find(line.Movement)
        where movement is not null
        select (movement, line.Clause, line.At.Line);

    private static Finding Found(
        Understanding u,
        string rule,
        Severity severity,
        int line,
        string sentence,
        string why,
        params Mend[] mends
    )
    {
        var text = u.Text.Split('\n');
        var at = new SourceRange(line, 1, text[line - 1].Length);
        return new(rule, severity, at, sentence, why, mends.ToEq(), CheckList.Key(rule, text, at, sentence));
    }
}
