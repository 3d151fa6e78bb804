using FairCompass.Core.Courses;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Briefing;

/// <content>Who of several judges counts what.</content>
public sealed partial class BriefBuilder
{
    private JudgePosts JudgesPosts => JudgePosts.Of(u.Workout);

    /// <summary>What each post of a lane watches; the one that the paper is for comes first.</summary>
    private BriefSection Posts()
    {
        var posts = JudgesPosts;
        var mine = posts.Numbers.Contains(options.Post ?? 0) ? options.Post : null;
        var alone = Clocks().Any(c => c.Hall.Spans.Any(s => s.Watched.Any(w => w is { Post: null, Hold: false })));
        var lines = posts
            .Numbers.OrderBy(n => n == mine ? 0 : 1)
            .Select(n =>
                Cite(
                    $"post/{n}",
                    (
                        mine is null ? Say($"Post {n}", $"Puesto {n}")
                        : n == mine ? Say($"You are at post {n}", $"Estás en el puesto {n}")
                        : Say($"Not your count: post {n}", $"No es tu cuenta: puesto {n}")
                    )
                        + ": "
                        + tongue.Join(Watching(posts.Of(n).ToList()))
                        + "."
                )
            )
            .ToList();
        if (lines.Count > 0 && alone)
        {
            lines.Add(Say("A station without a post has a judge of its own.", "Una estación sin puesto tiene su propio juez."));
        }

        return new("posts", Say("Who counts what", "Quién cuenta qué"), lines.Count == 0 ? [] : [new BriefBlock.Points(lines.ToEq())]);
    }

    /// <summary>What a post does, in as few sentences as there are kinds of it.</summary>
    private List<string> Watching(IReadOnlyList<Watch> watches)
    {
        var stations = watches.Select(w => w.Station).OfType<string>().ToList();
        var said = new List<string>();
        if (watches.Any(w => w.Of == Watched.Work))
        {
            said.Add(Say("counts the work", "cuenta el trabajo"));
        }

        if (stations.Count > 0)
        {
            said.Add(Say("counts at ", "cuenta en ") + tongue.Join(stations));
        }

        if (watches.Any(w => w.Of == Watched.Hold))
        {
            said.Add(
                Say(
                    "watches the hold, calls when it is broken, and marks each break on the card",
                    "vigila la posición mantenida, avisa cuando se rompe y marca cada interrupción en la tarjeta"
                )
            );
        }

        return said;
    }

    /// <summary>A line for the name of each judge of the lane.</summary>
    private IEnumerable<string> JudgesOfCard(Course? course)
    {
        var posts = JudgesPosts;
        var judges = course is null ? 1 : Timeline.Of(course, tongue)?.Judges ?? 1;
        if (posts.Numbers.Count < 2)
        {
            return judges > 1
                ? Enumerable
                    .Range(2, Math.Min(judges, 9) - 1)
                    .Select(n => Cite("form/judges", Say($"Judge {n}", $"Juez {n}")))
                    .Prepend(Say("Judge", "Juez"))
                : [Say("Judge", "Juez")];
        }

        return posts
            .Numbers.Select(n =>
                Cite($"post/{n}", Say($"Judge, post {n}", $"Juez, puesto {n}") + $" ({tongue.Join(posts.Of(n).Select(Short).ToList())})")
            )
            .Concat(Enumerable.Repeat(Say("Judge", "Juez"), Math.Clamp(judges - posts.Numbers.Count, 0, 9)));
    }

    private string Short(Watch watch) => watch.Station ?? (watch.Of == Watched.Hold ? Say("hold", "posición") : Say("work", "trabajo"));
}
