namespace FairCompass.Planning.Days;

/// <summary>Puts judges to the lanes that have none: nobody before the own gym, nobody in two places, nobody too long in a row, the work
/// shared evenly, and of those who could the one who is linked with most others by it.</summary>
public static class JudgePlan
{
    /// <summary>How many heats more than the least loaded a judge may have who is chosen for being linked.</summary>
    private const int Uneven = 1;

    /// <summary>Fills the posts of a plan that have no judge, and those whose judge may not stand there any more.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="field">Everybody.</param>
    /// <param name="anew">True to take everybody from the lanes that are not fixed first.</param>
    public static Plan Fill(Plan plan, Field field, bool anew = false)
    {
        var work = new Working(plan, field);
        var kept = new List<Heat>();
        foreach (var heat in plan.Heats)
        {
            kept.Add(work.Kept(heat, anew));
            work.Take(kept[^1]);
        }

        return plan with
        {
            Heats = [.. kept.Select(work.Filled)],
        };
    }

    private sealed class Working
    {
        private readonly Plan plan;
        private readonly Field field;
        private readonly Dictionary<Guid, Streaks.Placed> placed;
        private readonly Linking.Links links = new();
        private readonly Dictionary<Guid, List<Streaks.Placed>> judged;
        private readonly Dictionary<(Guid Judge, int Lane), int> lanes = [];
        private readonly Dictionary<(Guid Judge, string Division), int> divisions = [];

        public Working(Plan plan, Field field)
        {
            (this.plan, this.field) = (plan, field);
            placed = Streaks.Of(plan);
            judged = field.Judges.ToDictionary(j => j.Id, _ => new List<Streaks.Placed>());
        }

        /// <summary>A heat without the judges who may not stand in it.</summary>
        public Heat Kept(Heat heat, bool anew) =>
            heat.State == HeatState.Run
                ? heat
                : heat with
                {
                    Lanes =
                    [
                        .. heat.Lanes.Select(l =>
                            l with
                            {
                                Judges =
                                [
                                    .. l.Judges.Select(j =>
                                        j is { } id
                                        && (
                                            l.Fixed
                                            || (!anew && field.Judge(id) is { } judge && May(judge, heat, l.Entry) && IsAlone(id, heat))
                                        )
                                            ? j
                                            : null
                                    ),
                                ],
                            }
                        ),
                    ],
                };

        /// <summary>Notes who stands in a heat already.</summary>
        public void Take(Heat heat)
        {
            foreach (var lane in heat.Lanes)
            {
                foreach (var judge in lane.Judges.OfType<Guid>())
                {
                    Note(judge, heat, lane);
                }
            }
        }

        public Heat Filled(Heat heat)
        {
            var now = heat.Lanes.ToArray();
            var there = now.SelectMany(l => l.Judges).OfType<Guid>().ToHashSet();
            // The lane with fewest who may judge it chooses first.
            foreach (var i in Enumerable.Range(0, now.Length).OrderBy(i => field.Judges.Count(j => May(j, heat, now[i].Entry))))
            {
                var judges = now[i].Judges.ToArray();
                for (var post = 0; post < judges.Length; post++)
                {
                    if (judges[post] is null && Best(heat, now[i], there) is { } judge)
                    {
                        judges[post] = judge;
                        there.Add(judge);
                        Note(judge, heat, now[i]);
                    }
                }

                now[i] = now[i] with { Judges = [.. judges] };
            }

            return heat with
            {
                Lanes = [.. now],
            };
        }

        private bool May(Judge judge, Heat heat, Guid entry) =>
            judge.IsThere(heat)
            && judge.Knows(plan.Rules, plan.SessionOf(heat).Workout)
            && field.Entry(entry) is { } e
            && judge.MayJudge(e);

        private Guid? Best(Heat heat, LanePost lane, HashSet<Guid> there)
        {
            var workout = plan.SessionOf(heat).Workout;
            var division = field.Entry(lane.Entry)?.Division ?? "";
            var could = field.Judges.Where(j => !there.Contains(j.Id) && May(j, heat, lane.Entry) && IsFree(j.Id, heat)).ToList();
            if (could.Count == 0)
            {
                return null;
            }

            var least = could.Min(j => judged[j.Id].Count);
            return could
                .Where(j => judged[j.Id].Count <= least + Uneven)
                .OrderByDescending(j => links.New(j.Id, heat, workout, lane.Entry))
                .ThenBy(j => judged[j.Id].Count)
                .ThenBy(j => lanes.GetValueOrDefault((j.Id, lane.Lane)))
                .ThenBy(j => divisions.GetValueOrDefault((j.Id, division)))
                .ThenBy(j => Draw.Of(plan.Draw, j.Name + "\n" + j.Gym))
                .First()
                .Id;
        }

        /// <summary>True where a judge stands nowhere else meanwhile, and would not judge too long in a row.</summary>
        private bool IsFree(Guid judge, Heat heat)
        {
            var (mine, at) = (judged[judge], placed[heat.Id]);
            return IsAlone(judge, heat) && Streaks.Around(mine.Append(at), at, plan.Rules.JudgeBreak) <= plan.Rules.JudgeInARow;
        }

        private bool IsAlone(Guid judge, Heat heat) => !judged[judge].Exists(p => p.Heat.Starts < heat.Ends && heat.Starts < p.Heat.Ends);

        private void Note(Guid judge, Heat heat, LanePost lane)
        {
            if (!judged.TryGetValue(judge, out var mine))
            {
                return;
            }

            mine.Add(placed[heat.Id]);
            links.Judged(judge, heat, plan.SessionOf(heat).Workout, lane.Entry);
            lanes[(judge, lane.Lane)] = lanes.GetValueOrDefault((judge, lane.Lane)) + 1;
            if (field.Entry(lane.Entry)?.Division is { } division)
            {
                divisions[(judge, division)] = divisions.GetValueOrDefault((judge, division)) + 1;
            }
        }
    }
}
