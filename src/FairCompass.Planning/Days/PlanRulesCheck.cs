using FairCompass.Core.Competitions;
using FairCompass.Core.Quantities;
using NodaTime;

namespace FairCompass.Planning.Days;

/// <summary>What a plan may be asked for.</summary>
public static class PlanRulesCheck
{
    /// <summary>Sessions of a plan at most.</summary>
    public const int MostSessions = 60;

    private const int MostPosts = 10;

    /// <summary>Characters of a floor’s name.</summary>
    private const int LongestFloor = 40;

    /// <summary>What is wrong, each at its field; nothing where all is in order.</summary>
    /// <param name="plan">The plan as a person wants it.</param>
    /// <param name="competition">The competition with its days and divisions.</param>
    /// <param name="workouts">The workouts that there are.</param>
    public static IReadOnlyList<FieldError> Of(Plan plan, Competition competition, IReadOnlySet<Guid> workouts)
    {
        var errors = new List<FieldError>();
        if (DateTimeZoneProviders.Tzdb.GetZoneOrNull(plan.Zone) is null)
        {
            errors.Add(new("zone", "This is no time zone. They are called by a place: Europe/Madrid."));
        }

        Range(errors, "rules.restMinutes", plan.Rules.RestMinutes, 0, 600);
        Range(errors, "rules.judgeInARow", plan.Rules.JudgeInARow, 1, 50);
        Range(errors, "rules.judgeBreak", plan.Rules.JudgeBreak, 1, 10);
        for (var i = 0; i < plan.Measuring.Count; i++)
        {
            OfPost(errors, plan.Measuring[i], $"measuring[{i}]", competition);
        }

        if (plan.Measuring.Count > MostPosts)
        {
            errors.Add(new("measuring", $"At most {MostPosts} posts."));
        }

        if (plan.Sessions.Count > MostSessions)
        {
            errors.Add(new("sessions", $"At most {MostSessions} sessions."));
        }

        for (var i = 0; i < plan.Sessions.Count; i++)
        {
            OfSession(errors, plan.Sessions[i], $"sessions[{i}]", competition, workouts);
        }

        if (plan.Sessions.Select(s => s.Id).Distinct().Count() < plan.Sessions.Count)
        {
            errors.Add(new("sessions", "Two sessions have one id."));
        }

        return errors;
    }

    private static void OfSession(List<FieldError> errors, Session s, string path, Competition competition, IReadOnlySet<Guid> workouts)
    {
        Range(errors, $"{path}.lanes", s.Lanes, 1, 100);
        if (s.Lanes is >= 1 and <= 100 && !s.InUse.Any())
        {
            errors.Add(new($"{path}.lanes", "All of these lanes are out of use."));
        }

        Range(errors, $"{path}.between.callUp", s.Between.CallUp, 0, 3600);
        Range(errors, $"{path}.between.reset", s.Between.Reset ?? 0, 0, 3600);
        Range(errors, $"{path}.between.crew", s.Between.Crew, 1, 8);
        Day(errors, $"{path}.starts", s.Starts.Date, competition);
        Place(errors, $"{path}.floor", s.Floor);

        if (!workouts.Contains(s.Workout))
        {
            errors.Add(new($"{path}.workout", "There is no such workout; it may have been removed."));
        }

        foreach (var d in s.Divisions.Where(d => competition.Find(d) is null))
        {
            errors.Add(new($"{path}.divisions", $"“{d}” is no division of this competition."));
        }
    }

    private static void OfPost(List<FieldError> errors, MeasuringPost post, string path, Competition competition)
    {
        Range(errors, $"{path}.minutes", post.Minutes, 1, 60);
        Range(errors, $"{path}.atOnce", post.AtOnce, 1, 20);
        Day(errors, $"{path}.starts", post.Starts.Date, competition);
        Place(errors, $"{path}.place", post.Place);
    }

    private static void Day(List<FieldError> errors, string path, LocalDate day, Competition competition)
    {
        if (day < LocalDate.FromDateOnly(competition.Starts) || day > LocalDate.FromDateOnly(competition.Ends))
        {
            errors.Add(new(path, $"The competition is from {competition.Starts:yyyy-MM-dd} to {competition.Ends:yyyy-MM-dd}."));
        }
    }

    private static void Place(List<FieldError> errors, string path, string name)
    {
        if (Core.InForce.CompetitionRules.NameError(name, LongestFloor, required: true) is { } wrong)
        {
            errors.Add(new(path, wrong));
        }
    }

    private static void Range(List<FieldError> errors, string path, int value, int least, int most)
    {
        if (value < least || value > most)
        {
            errors.Add(new(path, $"{least} to {most}."));
        }
    }
}
