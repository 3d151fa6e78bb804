using FairCompass.Core.Quantities;
using FairCompass.Core.Standards.Phrases;
using static FairCompass.Core.Standards.Phrases.Book;

namespace FairCompass.Core.Standards.Movements;

/// <summary>
/// What is judged beside the movement itself: the lift that is as heavy as possible, a position that is held while others work, and the
/// rules of a team. No line of a draft names them as work; they stand on papers where a workout has such a rule.
/// </summary>
internal static class Rules
{
    public static readonly Movement HeaviestLift = Movement(
        ("rules of a heaviest lift", "reglas de un levantamiento máximo"),
        [],
        Families.LiftRules,
        MovementKit.None,
        null,
        Judging.FrontAndSide,
        Judging.LiftCall,
        [Care.Bar],
        null,
        TeamWork.LoadCalled,
        TeamWork.AttemptBegins,
        TeamWork.FaultsLose,
        TeamWork.HeldForCall,
        TeamWork.NotHeld,
        TeamWork.FeetMay,
        TeamWork.LiftAgain,
        TeamWork.ReRackMay
    );

    public static readonly Movement Hold = Movement(
        ("rules of a hold", "reglas de una posición mantenida"),
        [],
        Families.TeamRules,
        MovementKit.None,
        null,
        Judging.AtTheHold,
        Judging.HoldCall,
        [],
        null,
        TeamWork.OnBeforeRep,
        TeamWork.OnUntilEnd
    );

    public static readonly Movement Together = One(
        "rules of work together",
        "reglas del trabajo a la vez",
        Judging.PairInView,
        TeamWork.SamePosition
    );
    public static readonly Movement OneAtATime = One(
        "rule of one at a time",
        "regla de uno a la vez",
        Judging.BesideTeam,
        TeamWork.NobodyElse
    );
    public static readonly Movement Least = One("rule of a least share", "regla del mínimo por persona", Judging.BesideTeam, TeamWork.Owed);
    public static readonly Movement Most = One("rule of a most in a row", "regla del máximo seguido", Judging.BesideTeam, TeamWork.AtMost);
    public static readonly Movement Order = One(
        "rule of the order of turns",
        "regla del orden de turnos",
        Judging.BesideTeam,
        TeamWork.InTurn
    );
    public static readonly Movement HandTag = One("rule of a hand tag", "regla del toque de manos", Judging.AtTheLine, TeamWork.Tag);
    public static readonly Movement HandOver = One(
        "rule of a hand-over place",
        "regla del sitio de relevo",
        Judging.AtTheLine,
        TeamWork.OnAMark
    );
    public static readonly Movement AttemptIsTurn = One(
        "rule of an attempt that is a turn",
        "regla del intento como turno",
        Judging.BesideTeam,
        TeamWork.SpendsTurn
    );
    public static readonly Movement Tries = One(
        "rule of most tries in a row",
        "regla de los intentos seguidos",
        Judging.BesideTeam,
        TeamWork.TriesCount
    );

    /// <summary>All of them, in the order in which papers print them.</summary>
    public static Eq<Movement> All { get; } =
    [HeaviestLift, Hold, Together, OneAtATime, Least, Most, Order, HandTag, HandOver, AttemptIsTurn, Tries];

    private static Movement One(string english, string spanish, Languages.Said place, Phrase rule) =>
        Movement((english, spanish), [], Families.TeamRules, MovementKit.None, null, place, Judging.TeamCall, [], null, rule);
}
