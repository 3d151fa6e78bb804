using FairCompass.Access;

namespace FairCompass.Web.Access;

/// <summary>Roles and rights as people call them.</summary>
public static class AccessWords
{
    /// <summary>What a right lets somebody do.</summary>
    /// <param name="right">The right.</param>
    public static string Of(Right right) =>
        right switch
        {
            Right.Nobody => "read what is open to all",
            Right.Calculate => "use a calculator",
            Right.Account => "be signed in",
            Right.ReadPublished => "read what is published",
            Right.Look => "look at drafts and papers",
            Right.Write => "change drafts",
            Right.Settle => "change what holds for the competition",
            Right.Publish => "publish",
            Right.Answer => "answer questions",
            Right.SeeMeasured => "see measurements",
            Right.Measure => "write measurements down",
            Right.GiveLinks => "give links",
            Right.SeeField => "see who competes and the plan",
            Right.SeeContacts => "see how athletes are reached",
            Right.EnterPeople => "enter athletes and judges",
            Right.PlanDay => "plan the days",
            Right.TrackCards => "say where cards are",
            Right.EnterScores => "enter scores and correct them",
            Right.DecideResults => "decide incidents, make results final",
            Right.Train => "train one’s own eyes",
            Right.SeeEyes => "see how judges’ eyes are",
            Right.Manage => "manage people and see the log",
            _ => throw new InvalidOperationException($"{right} has no words."),
        };

    /// <summary>A role.</summary>
    /// <param name="role">The role.</param>
    public static string Of(Role role) =>
        role switch
        {
            Role.Organiser => "organiser",
            Role.HeadJudge => "head judge",
            Role.CoAuthor => "co-author",
            Role.Measurer => "measurer",
            Role.ScoreDesk => "score desk",
            Role.Judge => "judge",
            Role.Caller => "caller",
            Role.Crew => "crew",
            Role.Reader => "reader",
            _ => throw new InvalidOperationException($"{role} has no words."),
        };

    /// <summary>Several roles: <c>judge and caller</c>.</summary>
    /// <param name="roles">The roles.</param>
    public static string Of(IEnumerable<Role> roles) => Core.Text.Words.Join(roles.Select(Of));
}
