using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Outcomes.Desk;
using FairCompass.Store.Day;
using FairCompass.Web.Scoring;
using Card = FairCompass.Planning.Days.Card;

namespace FairCompass.Web.Desk;

/// <summary>A card as the desk finds it.</summary>
/// <param name="Card">The card.</param>
/// <param name="Bib">The number worn.</param>
/// <param name="Name">Whose it is.</param>
/// <param name="Workout">The workout.</param>
/// <param name="Heat">The number of the heat.</param>
/// <param name="Lane">The lane; 0 where the plan has none any more.</param>
public sealed record DeskLine(Card Card, string Bib, string Name, string Workout, int Heat, int Lane);

/// <summary>A card to be typed.</summary>
/// <param name="Line">The card.</param>
/// <param name="Entry">Whose it is.</param>
/// <param name="Judges">Who judged.</param>
/// <param name="Version">The number of the version it was printed from.</param>
/// <param name="Fields">What it asks for, in its order.</param>
/// <param name="Tasks">The tasks of each counted piece, to name a place by.</param>
/// <param name="Movements">The movements whose no-reps it tallies.</param>
/// <param name="Unit">The unit of loads.</param>
/// <param name="Facts">What was typed, in order.</param>
/// <param name="Numbers">What holds of it.</param>
/// <param name="Scores">The scores by what holds, with their reasons; empty while nothing does.</param>
/// <param name="Names">The names of the scores.</param>
/// <param name="Options">Tasks that can be done in several ways, which the card names by letters.</param>
/// <param name="Said">What holds, field by field.</param>
/// <param name="Other">What somebody else has typed, field by field, where it is not the same; empty otherwise.</param>
/// <param name="Typed">What holds as it is typed, to be corrected; null while nothing does.</param>
/// <param name="Levels">The levels of the workout; empty where it has none.</param>
/// <param name="Level">The level whose fields these are; empty while nobody has said which was done.</param>
/// <param name="Photos">Photographs that are kept with it, oldest first.</param>
public sealed record DeskCard(
    DeskLine Line,
    Planning.People.Entry Entry,
    IReadOnlyList<string> Judges,
    int Version,
    IReadOnlyList<CardField> Fields,
    IReadOnlyList<PieceTasks> Tasks,
    IReadOnlyList<string> Movements,
    MassUnit Unit,
    IReadOnlyList<ScoreFact> Facts,
    CardNumbers Numbers,
    IReadOnlyList<ComponentResult> Scores,
    IReadOnlyList<string> Names,
    IReadOnlyList<CardOption> Options,
    IReadOnlyList<CardText> Said,
    IReadOnlyList<CardText> Other,
    TypedCard? Typed,
    IReadOnlyList<string> Levels,
    string Level,
    IReadOnlyList<CardPhoto> Photos
);

/// <summary>Types a card in, or corrects it.</summary>
/// <param name="SaveId">Chosen by the client, so that a retry finds its own.</param>
/// <param name="Seen">The newest fact of the card that was seen, 0 for none.</param>
/// <param name="Typed">The card as it was typed.</param>
/// <param name="Correct">True to correct what holds; false to type it, or to type it once more.</param>
/// <param name="Reason">Why it is corrected, 1 to 200 characters; empty otherwise.</param>
public sealed record EnterCard(Guid SaveId, long Seen, TypedCard Typed, bool Correct, string Reason);

/// <summary>What became of typing a card.</summary>
/// <param name="Card">The card as it stands now; null where something is asked first.</param>
/// <param name="Asked">What is asked before it is taken; nothing was stored then.</param>
public sealed record EnteredCard(DeskCard? Card, IReadOnlyList<Doubt> Asked);
