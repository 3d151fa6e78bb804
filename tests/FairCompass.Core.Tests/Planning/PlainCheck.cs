using FairCompass.Planning.Days;
using FairCompass.Planning.People;
using NodaTime;

namespace FairCompass.Core.Tests.Planning;

/// <summary>
/// Every hard rule of a plan in plain loops over minutes and lists. It shares nothing with the product’s own check but the data, and says
/// what it finds in one word.
/// </summary>
internal static class PlainCheck
{
    public static List<string> Of(Plan plan, Field field)
    {
        var wrong = new List<string>();
        var heats = plan.Heats.ToArray();
        for (var a = 0; a < heats.Length; a++)
        {
            var session = plan.Sessions.Single(s => s.Id == heats[a].Session);
            if (heats[a].Lanes.Count == 0 || heats[a].Lanes.Count > session.Lanes)
            {
                wrong.Add("size");
            }

            if (heats[a].Starts.CompareTo(session.Starts) < 0 || heats[a].Starts.Second != 0)
            {
                wrong.Add("early");
            }

            for (var b = 0; b < heats.Length; b++)
            {
                if (a != b)
                {
                    Pair(plan, field, heats[a], heats[b], wrong);
                }
            }

            One(field, field.Workouts.Single(w => w.Id == session.Workout), heats[a], wrong);
        }

        foreach (var session in plan.Sessions)
        {
            var workout = field.Workouts.Single(w => w.Id == session.Workout);
            foreach (var entry in field.Entries)
            {
                var times = 0;
                foreach (var heat in heats)
                {
                    foreach (var lane in heat.Lanes)
                    {
                        times += heat.Session == session.Id && lane.Entry == entry.Id ? 1 : 0;
                    }
                }

                var wanted = entry.State != EntryState.Withdrawn && Belongs(workout, entry) ? 1 : 0;
                if (times != wanted)
                {
                    wrong.Add($"stands {times} times, not {wanted}");
                }
            }
        }

        return wrong;
    }

    private static bool Belongs(PlannedWorkout workout, Entry entry)
    {
        foreach (var g in workout.Groups)
        {
            if (g.Division == entry.Division && (g.Duty == null || (entry.Members.Count == 1 && entry.Members[0].Duty == g.Duty)))
            {
                return true;
            }
        }

        return false;
    }

    private static int At(LocalDateTime t) => (((t.Day * 24) + t.Hour) * 60 * 60) + (t.Minute * 60) + t.Second;

    private static void Pair(Plan plan, Field field, Heat a, Heat b, List<string> wrong)
    {
        int startA = At(a.Starts),
            endA = startA + a.Seconds,
            startB = At(b.Starts),
            endB = startB + b.Seconds;
        var floorA = plan.Sessions.Single(s => s.Id == a.Session);
        var floorB = plan.Sessions.Single(s => s.Id == b.Session);
        if (floorA.Floor == floorB.Floor && startA <= startB && endA + floorB.Between.CallUp > startB)
        {
            wrong.Add("floor");
        }

        foreach (var x in a.Lanes)
        {
            foreach (var y in b.Lanes)
            {
                foreach (var p in field.Entries.Single(e => e.Id == x.Entry).Members)
                {
                    foreach (var q in field.Entries.Single(e => e.Id == y.Entry).Members)
                    {
                        if (p.Id == q.Id && startA <= startB && endA + (plan.Rules.RestMinutes * 60) > startB)
                        {
                            wrong.Add("rest");
                        }
                    }
                }

                foreach (var j in x.Judges)
                {
                    foreach (var k in y.Judges)
                    {
                        if (j != null && j == k && startA < endB && startB < endA)
                        {
                            wrong.Add("judge in two heats");
                        }
                    }
                }
            }
        }
    }

    private static void One(Field field, PlannedWorkout workout, Heat heat, List<string> wrong)
    {
        var lanes = new HashSet<int>();
        var judges = new HashSet<Guid>();
        var clocks = new HashSet<int>();
        foreach (var lane in heat.Lanes)
        {
            if (!lanes.Add(lane.Lane))
            {
                wrong.Add("lane");
            }

            var entry = field.Entries.Single(e => e.Id == lane.Entry);
            var group = workout.Groups.First(g => g.Division == entry.Division && (g.Duty == null || g.Duty == entry.Members[0].Duty));
            clocks.Add(group.Clock);
            if (group.Lanes < heat.Lanes.Count)
            {
                wrong.Add("kit");
            }

            if (lane.Judges.Count != group.Judges || group.Seconds > heat.Seconds)
            {
                wrong.Add("posts");
            }

            foreach (var id in lane.Judges)
            {
                if (id is not { } one)
                {
                    continue;
                }

                var judge = field.Judges.Single(j => j.Id == one);
                if (!judges.Add(one))
                {
                    wrong.Add("judge twice");
                }

                foreach (var member in entry.Members)
                {
                    if (judge.Gym != "" && member.Gym == judge.Gym)
                    {
                        wrong.Add("own gym");
                    }
                }

                foreach (var pause in judge.Breaks)
                {
                    var (from, until) = (At(heat.Starts.Date + pause.From), At(heat.Starts.Date + pause.Until));
                    if (At(heat.Starts) < until && from < At(heat.Starts) + heat.Seconds)
                    {
                        wrong.Add("break");
                    }
                }
            }
        }

        if (clocks.Count > 1)
        {
            wrong.Add("calls");
        }
    }
}
