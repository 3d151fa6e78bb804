using FairCompass.Core.Courses;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;

namespace FairCompass.Core.Briefing;

/// <summary>When what is written down.</summary>
public sealed partial class BriefBuilder
{
    /// <summary>A moment at which something is written.</summary>
    /// <param name="At">On the hall clock.</param>
    /// <param name="Order">Among what is written at the same time.</param>
    /// <param name="Left">The moment in words.</param>
    /// <param name="Right">What is written.</param>
    private sealed record Written(Duration At, int Order, string Left, string Right);

    /// <summary>
    /// When the judge writes what: at the end of each span what is counted there, at each gate who has passed, on the way the
    /// times that break ties and begin a rest. Null when all is written at the one end of the clock.
    /// </summary>
    private BriefBlock.Table? MinuteByMinute(SharedClock clock)
    {
        var rows = SpansWritten(clock).Concat(ForksWritten(clock)).Concat(RestsWritten(clock)).ToList();
        return rows.Count < 2
            ? null
            : new(
                string.Join(", ", new[] { Say("Minute by minute", "Minuto a minuto"), WhoseOf(clock) }.OfType<string>()),
                [Say("Clock", "Reloj"), Say("Write", "Anota")],
                rows.OrderBy(r => r.At).ThenBy(r => r.Order).Select(r => new BriefRow([r.Left, r.Right])).ToEq()
            );
    }

    private IEnumerable<Written> SpansWritten(SharedClock clock) =>
        shown
            .Where(i => clock.For.Contains(u.Courses[i].Address))
            .SelectMany(i => SpansWritten(clock.Hall, u.Courses[i], u.Sheets[i]).Select(w => (u.Courses[i].Address, Row: w)))
            .GroupBy(x => x.Row)
            .Select(g => g.Key with { Right = ForSome(g.Key.Right, g.Select(x => x.Address), clock) });

    private string ForSome(string text, IEnumerable<Address> who, SharedClock clock) =>
        who.Distinct().ToList() is var some && some.Count == clock.For.Count
            ? text
            : $"{Cite("entry/" + string.Join(' ', some), Whose(some))}: {text}";

    private IEnumerable<Written> SpansWritten(Timeline clock, Course course, ScoreSheet sheet)
    {
        var fields = Card.Fields(course, sheet, tongue);
        foreach (var span in clock.Spans.Where(s => s.Pieces.Count > 0))
        {
            var id = $"span/{span.Starts.Ms}";
            var asked = Shorts(f =>
                f.Field is not (CardFieldKind.Stood or CardFieldKind.TieTime or CardFieldKind.Gates or CardFieldKind.Marks)
            );
            var onTheWay = Shorts(f =>
                f is { Field: CardFieldKind.TieTime, Spare: false } or { Field: CardFieldKind.Gates or CardFieldKind.Marks }
            );
            if (onTheWay.Count > 0)
            {
                yield return new(
                    span.Starts,
                    1,
                    Cite(id, Say($"from {span.Starts}", $"desde {span.Starts}")),
                    Say("on the way: ", "en el camino: ") + Cite(id, tongue.Join(onTheWay))
                );
            }

            if (asked.Count > 0)
            {
                yield return new(span.Ends, 3, Cite(id, span.Ends.ToString()), Cite(id, tongue.Join(asked)));
            }

            List<string> Shorts(Func<CardField, bool> which) =>
                fields.Where(f => span.Pieces.Contains(f.Piece) && which(f)).Select(f => Short(course, f)).Distinct().ToList();
        }
    }

    private IEnumerable<Written> ForksWritten(SharedClock clock) =>
        clock.Forks.Select(f =>
        {
            var (at, until, done) = (f[0].Value.At, f[0].Value.Until, EachOf(f, x => Figure(x.Counted)));
            var id = $"fork/{at.Ms}";
            return new Written(
                at,
                2,
                Cite(id, at.ToString()),
                Cite(
                    id,
                    Say(
                        $"has {done} done? tick, and go on to {until}; if not, the count now",
                        $"¿lleva {done}? marca y sigue hasta {until}; si no, la cuenta ahora"
                    )
                )
            );
        });

    private IEnumerable<Written> RestsWritten(SharedClock clock) =>
        clock.OwnRests.Select(r =>
        {
            var (rest, after) = (r[0].Value, EachOf(r, x => x.After(tongue)));
            var id = $"rest/{rest.Piece}/{rest.Number}";
            return new Written(
                rest.Earliest,
                2,
                Cite(id, Say($"at {after}", $"en {after}")),
                Cite(
                    id,
                    Say(
                        $"“finished at”, and {rest.Length} later “may restart at”",
                        $"«terminó en» y {rest.Length} después «puede reiniciar en»"
                    )
                )
            );
        });
}
