using System.Text.Json.Serialization;
using FairCompass.Core.Quantities;
using NodaTime;

namespace FairCompass.Planning.Days;

/// <summary>What a person does to a plan by hand. Whatever breaks a rule is done all the same, and said.</summary>
[JsonPolymorphic(TypeDiscriminatorPropertyName = "kind")]
[JsonDerivedType(typeof(Fix), "fix")]
[JsonDerivedType(typeof(FixLane), "fixLane")]
[JsonDerivedType(typeof(Swap), "swap")]
[JsonDerivedType(typeof(MoveTo), "moveTo")]
[JsonDerivedType(typeof(TakeOut), "takeOut")]
[JsonDerivedType(typeof(SetJudge), "setJudge")]
[JsonDerivedType(typeof(Start), "start")]
[JsonDerivedType(typeof(Delay), "delay")]
[JsonDerivedType(typeof(SetState), "setState")]
[JsonDerivedType(typeof(CloseLane), "closeLane")]
public abstract record PlanEdit
{
    private PlanEdit() { }

    /// <summary>Fixes the time of a heat, or lets it go.</summary>
    /// <param name="Heat">The heat.</param>
    /// <param name="On">True to fix it.</param>
    public sealed record Fix(Guid Heat, bool On) : PlanEdit;

    /// <summary>Fixes who stands in a lane and before whom, or lets it go.</summary>
    /// <param name="Heat">The heat.</param>
    /// <param name="Lane">The lane.</param>
    /// <param name="On">True to fix it.</param>
    public sealed record FixLane(Guid Heat, int Lane, bool On) : PlanEdit;

    /// <summary>Two entries change places; their judges stay in the lanes.</summary>
    /// <param name="Heat">The heat of the first.</param>
    /// <param name="Lane">Its lane.</param>
    /// <param name="With">The heat of the second.</param>
    /// <param name="WithLane">Its lane.</param>
    public sealed record Swap(Guid Heat, int Lane, Guid With, int WithLane) : PlanEdit;

    /// <summary>An entry goes to a free lane of a heat, from wherever it stands in that session.</summary>
    /// <param name="Entry">The entry.</param>
    /// <param name="Heat">The heat.</param>
    /// <param name="Lane">The lane.</param>
    public sealed record MoveTo(Guid Entry, Guid Heat, int Lane) : PlanEdit;

    /// <summary>An entry leaves a heat; its lane stays empty.</summary>
    /// <param name="Heat">The heat.</param>
    /// <param name="Lane">The lane.</param>
    public sealed record TakeOut(Guid Heat, int Lane) : PlanEdit;

    /// <summary>A judge for a post of a lane.</summary>
    /// <param name="Heat">The heat.</param>
    /// <param name="Lane">The lane.</param>
    /// <param name="Post">From 1.</param>
    /// <param name="Judge">The judge; null for nobody.</param>
    public sealed record SetJudge(Guid Heat, int Lane, int Post, Guid? Judge) : PlanEdit;

    /// <summary>A heat starts at a time, and is fixed there.</summary>
    /// <param name="Heat">The heat.</param>
    /// <param name="At">Local time.</param>
    public sealed record Start(Guid Heat, LocalDateTime At) : PlanEdit;

    /// <summary>A heat starts later; what follows moves as far as it must.</summary>
    /// <param name="Heat">The heat.</param>
    /// <param name="Minutes">How much later, 1 to 600.</param>
    public sealed record Delay(Guid Heat, int Minutes) : PlanEdit;

    /// <summary>A lane goes out of use from now on, because of a broken machine say, or into use again.</summary>
    /// <param name="Session">The session.</param>
    /// <param name="Lane">The lane.</param>
    /// <param name="On">True for out of use.</param>
    public sealed record CloseLane(Guid Session, int Lane, bool On) : PlanEdit;

    /// <summary>A heat was called, run, or neither.</summary>
    /// <param name="Heat">The heat.</param>
    /// <param name="State">Where it is on its way.</param>
    public sealed record SetState(Guid Heat, HeatState State) : PlanEdit;
}

/// <summary>Does to a plan what a person wants.</summary>
public static class PlanEdits
{
    /// <summary>The plan after an edit, or why it cannot be done.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="field">Everybody.</param>
    /// <param name="edit">What a person wants.</param>
    public static Answer<Plan> Apply(Plan plan, Field field, PlanEdit edit) =>
        edit switch
        {
            PlanEdit.Fix f => OfHeat(plan, f.Heat, h => h with { Fixed = f.On }),
            PlanEdit.FixLane f => OfLane(plan, f.Heat, f.Lane, l => l with { Fixed = f.On }),
            PlanEdit.Swap s => Swapped(plan, field, s),
            PlanEdit.MoveTo m => Moved(plan, field, m),
            PlanEdit.TakeOut t => Open(plan, t.Heat) is { } no
                ? no
                : OfHeat(plan, t.Heat, h => h with { Lanes = [.. h.Lanes.Where(l => l.Lane != t.Lane)] }),
            PlanEdit.SetJudge j => Judged(plan, j),
            PlanEdit.Start s => Open(plan, s.Heat) is { } no
                ? no
                : Ordered(OfHeat(plan, s.Heat, h => h with { Starts = s.At, Fixed = true })),
            PlanEdit.Delay { Minutes: < 1 or > 600 } => No(new("minutes", "1 to 600 minutes.")),
            PlanEdit.Delay d => Open(plan, d.Heat) is { } no ? no : Replan.Delayed(plan, field, d.Heat, d.Minutes),
            PlanEdit.SetState s => OfHeat(plan, s.Heat, h => h with { State = s.State }),
            PlanEdit.CloseLane c => Closed(plan, field, c),
            _ => throw new ArgumentOutOfRangeException(nameof(edit)),
        };

    private static Answer<Plan> Given(Plan plan) => plan;

    private static Answer<Plan> No(FieldError why) => why;

    private static Answer<Plan> Gone(string field) => No(new(field, "This heat is not in the plan any more; somebody has made it anew."));

    /// <summary>A heat that was called or run is history.</summary>
    private static Answer<Plan>? Open(Plan plan, Guid heat) =>
        plan.Heats.FirstOrDefault(h => h.Id == heat) is not { } found ? Gone("heat")
        : found.State != HeatState.Planned
            ? No(new("heat", $"Heat {found.Number} was {(found.State == HeatState.Run ? "run" : "called")}; it does not change any more."))
        : (Answer<Plan>?)null;

    private static Answer<Plan> OfHeat(Plan plan, Guid heat, Func<Heat, Heat> change) =>
        plan.Heats.Any(h => h.Id == heat)
            ? Given(plan with { Heats = [.. plan.Heats.Select(h => h.Id == heat ? change(h) : h)] })
            : Gone("heat");

    private static Answer<Plan> OfLane(Plan plan, Guid heat, int lane, Func<LanePost, LanePost> change) =>
        plan.Heats.FirstOrDefault(h => h.Id == heat)?.Lanes.Any(l => l.Lane == lane) == true
            ? OfHeat(plan, heat, h => h with { Lanes = [.. h.Lanes.Select(l => l.Lane == lane ? change(l) : l)] })
            : No(new("lane", "Nobody stands in this lane."));

    private static Answer<Plan> Ordered(Answer<Plan> answer) =>
        answer.Value is { } plan ? Given(plan with { Heats = GreedyPlan.Numbered(plan.Heats) }) : answer;

    private static Answer<Plan> Closed(Plan plan, Field field, PlanEdit.CloseLane c)
    {
        if (plan.Sessions.FirstOrDefault(s => s.Id == c.Session) is not { } session)
        {
            return No(new("session", "This session is not in the plan any more."));
        }

        if (c.Lane < 1 || c.Lane > session.Lanes)
        {
            return No(new("lane", $"The session has the lanes 1 to {session.Lanes}."));
        }

        var now = session with { Closed = [.. session.Closed.Where(l => l != c.Lane).Concat(c.On ? [c.Lane] : []).Order()] };
        if (!now.InUse.Any())
        {
            return No(new("lane", "It is the last lane in use; take the session out, or give it other lanes."));
        }

        var changed = plan with { Sessions = [.. plan.Sessions.Select(s => s.Id == now.Id ? now : s)] };
        return Given(c.On ? LaneClosing.Moved(changed, field, now, c.Lane) : changed);
    }

    private static Answer<Plan> Swapped(Plan plan, Field field, PlanEdit.Swap s)
    {
        if ((Open(plan, s.Heat) ?? Open(plan, s.With)) is { } no)
        {
            return no;
        }

        LanePost? Find(Guid heat, int lane) => plan.Heats.First(h => h.Id == heat).Lanes.FirstOrDefault(l => l.Lane == lane);
        if ((Find(s.Heat, s.Lane), Find(s.With, s.WithLane)) is not ({ } a, { } b))
        {
            return No(new("lane", "Nobody stands in one of these lanes."));
        }

        var now = OfLane(plan, s.Heat, s.Lane, l => l with { Entry = b.Entry, Fixed = true }).Value!;
        now = OfLane(now, s.With, s.WithLane, l => l with { Entry = a.Entry, Fixed = true }).Value!;
        return Given(Lengths(now, field));
    }

    private static Answer<Plan> Moved(Plan plan, Field field, PlanEdit.MoveTo m)
    {
        if (Open(plan, m.Heat) is { } no)
        {
            return no;
        }

        var to = plan.Heats.First(h => h.Id == m.Heat);
        var session = plan.SessionOf(to);
        if (m.Lane < 1 || m.Lane > session.Lanes)
        {
            return No(new("lane", $"The session has the lanes 1 to {session.Lanes}."));
        }

        if (to.Lanes.FirstOrDefault(l => l.Lane == m.Lane) is { } there && there.Entry != m.Entry)
        {
            return No(new("lane", $"{field.Entry(there.Entry)?.Name ?? "Somebody"} stands in lane {m.Lane}; swap the two instead."));
        }

        if (field.Entry(m.Entry) is not { } entry || field.Workout(session.Workout)?.GroupOf(entry) is not { } group)
        {
            return No(new("entry", "This workout is not for this entry."));
        }

        if (
            plan.Heats.FirstOrDefault(h => h.Session == session.Id && h.Lanes.Any(l => l.Entry == m.Entry)) is
            { State: not HeatState.Planned } done
        )
        {
            return No(new("entry", $"{entry.Name} stands in heat {done.Number}, which was called or run."));
        }

        var post = new LanePost(m.Lane, m.Entry, [.. Enumerable.Repeat((Guid?)null, group.Judges)], true);
        return Given(
            Lengths(
                plan with
                {
                    Heats =
                    [
                        .. plan.Heats.Select(h =>
                            h.Session != session.Id ? h
                            : h.Id == m.Heat
                                ? h with
                                {
                                    Lanes = [.. h.Lanes.Where(l => l.Entry != m.Entry).Append(post).OrderBy(l => l.Lane)],
                                }
                            : h with { Lanes = [.. h.Lanes.Where(l => l.Entry != m.Entry)] }
                        ),
                    ],
                },
                field
            )
        );
    }

    private static Answer<Plan> Judged(Plan plan, PlanEdit.SetJudge j)
    {
        if (
            plan.Heats.FirstOrDefault(h => h.Id == j.Heat)?.Lanes.FirstOrDefault(l => l.Lane == j.Lane) is { } lane
            && (j.Post < 1 || j.Post > lane.Judges.Count)
        )
        {
            return No(new("post", $"This lane has {lane.Judges.Count} {(lane.Judges.Count == 1 ? "post" : "posts")}."));
        }

        return OfLane(
            plan,
            j.Heat,
            j.Lane,
            l =>
                l with
                {
                    Judges = [.. l.Judges.Select((was, i) => i == j.Post - 1 ? j.Judge : was)],
                    Fixed = l.Fixed || j.Judge is not null,
                }
        );
    }

    /// <summary>Heats as long as the longest clock of who stands in them now.</summary>
    private static Plan Lengths(Plan plan, Field field) =>
        plan with
        {
            Heats =
            [
                .. plan.Heats.Select(h =>
                    h.State == HeatState.Planned && field.Workout(plan.SessionOf(h).Workout) is { } w
                        ? h with
                        {
                            Seconds = h
                                .Lanes.Select(l => field.Entry(l.Entry))
                                .OfType<People.Entry>()
                                .Select(e => w.GroupOf(e)?.Seconds ?? 0)
                                .DefaultIfEmpty(h.Seconds)
                                .Max(),
                        }
                        : h
                ),
            ],
        };
}
