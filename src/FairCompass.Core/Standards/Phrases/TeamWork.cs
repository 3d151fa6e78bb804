using static FairCompass.Core.Standards.Consequence;
using static FairCompass.Core.Standards.Perceived;
using static FairCompass.Core.Standards.Phase;
using static FairCompass.Core.Standards.Phrases.Write;

namespace FairCompass.Core.Standards.Phrases;

/// <summary>A heaviest lift from the call to the call, a hold beside the work, and how a team shares it.</summary>
internal static class TeamWork
{
    public static readonly Phrase LoadCalled = Must(
        "load-called",
        Phase.Entry,
        (
            "The bar is in the lane with clips and the load that the lifter called; the judge reads it back.",
            "La barra está en la calle con los cierres y la carga que anunció quien levanta; el juez la repite."
        ),
        SeenFromTheFront,
        (
            "The bar carries another load than was called, or no clips.",
            "La barra lleva otra carga que la anunciada, o le faltan los cierres."
        ),
        ("Wait, load", "Espera, la carga"),
        ("Load what was called, or call what is loaded.", "Cargar lo anunciado o anunciar lo cargado."),
        WaitForKit
    );
    public static readonly Phrase AttemptBegins = May(
        "attempt-begins",
        Start,
        (
            "An attempt begins when the bar leaves the floor, or the knees bend under it from the rack.",
            "Un intento empieza cuando la barra deja el suelo, o cuando las rodillas se flexionan bajo ella desde el soporte."
        )
    );
    public static readonly Phrase FaultsLose = Must(
        "lift-standard",
        Through,
        ("The lift keeps the whole standard of its movement.", "El levantamiento cumple todo el criterio de su ejercicio."),
        SeenFromTheFront,
        ("Any no-rep of the movement.", "Cualquier nula del ejercicio."),
        ("No lift, and why", "Nulo, y por qué"),
        ("The attempt is lost; lift again while time is left.", "El intento se pierde; levantar otra vez mientras quede tiempo."),
        AttemptLost
    );
    public static readonly Phrase HeldForCall = Must(
        "held-for-call",
        Finish,
        (
            "The load is held at the finish until the judge says “good”; after “down” it may come down.",
            "La carga se mantiene en el final hasta que el juez dice «bien»; tras «abajo» puede bajar."
        ),
        SeenFromTheFront,
        ("The load comes down before “good”.", "La carga baja antes de «bien»."),
        ("No lift, hold", "Nulo, mantener"),
        ("The attempt is lost; lift again while time is left.", "El intento se pierde; levantar otra vez mientras quede tiempo."),
        AttemptLost
    );
    public static readonly Phrase NotHeld = Never(
        "passes-through",
        Finish,
        ("A bar that reaches the finish and is not held there is a miss.", "Una barra que llega al final y no se mantiene es un fallo."),
        SeenFromTheFront,
        ("The bar passes the finish and falls.", "La barra pasa por el final y cae."),
        ("No lift, lost", "Nulo, perdida"),
        ("The attempt is lost; lift again while time is left.", "El intento se pierde; levantar otra vez mientras quede tiempo."),
        AttemptLost
    );
    public static readonly Phrase FeetMay = May(
        "feet-may-move",
        Finish,
        ("The feet may move; the lift stands once it becomes still.", "Los pies pueden moverse; el levantamiento vale cuando queda quieto.")
    );
    public static readonly Phrase LiftAgain = May(
        "lift-again",
        Between,
        (
            "A missed load may be lifted again; nothing is counted aloud.",
            "Una carga fallada puede levantarse otra vez; nada se cuenta en voz alta."
        )
    );
    public static readonly Phrase ReRackMay = May(
        "re-rack",
        Between,
        (
            "Before an attempt begins, the bar may be put back and taken again.",
            "Antes de que empiece un intento, la barra puede dejarse y volver a tomarse."
        )
    );
    public static readonly Phrase ReRackNot = Must(
        "re-rack",
        Between,
        (
            "Between two attempts the bar is put back, and the lifter stands clear of it.",
            "Entre dos intentos la barra se deja, y quien levanta se aparta de ella."
        ),
        SeenFromTheFront,
        ("The next attempt begins with the bar still on the shoulders.", "El siguiente intento empieza con la barra aún en los hombros."),
        ("No lift, put it back", "Nulo, déjala"),
        ("Put the bar back, then lift.", "Dejar la barra y levantar."),
        AttemptLost
    );

    public static readonly Phrase OnBeforeRep = Must(
        "on-before",
        Start,
        (
            "A rep counts only when “on” was called before it began.",
            "Una repetición solo cuenta si se dijo «dentro» antes de que empezara."
        ),
        Heard,
        ("A rep begins before “on”.", "Una repetición empieza antes de «dentro»."),
        ("No rep, wait for on", "No rep, espera a «dentro»"),
        ("Do it again once the position stands.", "Repetirla cuando la posición esté.")
    );
    public static readonly Phrase OnUntilEnd = Must(
        "on-until",
        Finish,
        ("The position stands until the rep has ended.", "La posición se mantiene hasta que termina la repetición."),
        Heard,
        ("“Break” is called before the rep has ended.", "Se dice «corte» antes de que termine la repetición."),
        ("No rep, break", "No rep, se ha perdido"),
        ("The rep in the air is done again once the position stands.", "La repetición en curso se repite cuando la posición esté.")
    );
    public static readonly Phrase PausesBetween = OnUntilEnd with
    {
        Text = (
            "The position stands until the rep has ended; between reps it may come down.",
            "La posición se mantiene hasta que termina la repetición; entre repeticiones puede bajar."
        ),
    };
    public static readonly Phrase StandsAllTurn = Must(
        "on-until",
        Finish,
        ("The position stands until the turn ends.", "La posición se mantiene hasta que termina el turno."),
        Heard,
        ("“Break” is called before the turn has ended.", "Se dice «corte» antes de que termine el turno."),
        ("No rep, break, change", "No rep, se ha perdido, cambio"),
        ("The rep in the air is lost, and the turn is over.", "La repetición en curso se pierde y el turno acaba.")
    );
    public static readonly Phrase SamePosition = Must(
        "same-moment",
        Finish,
        (
            "Both are in the position at the same moment; the later of the two makes the rep.",
            "Los dos están en la posición a la vez; el último completa la repetición."
        ),
        SeenFromTheFront,
        ("One has left it before the other is there.", "Uno la ha dejado antes de que llegue el otro."),
        ("No rep, together", "No rep, a la vez"),
        ("Both do it again.", "Los dos la repiten.")
    );
    public static readonly Phrase NobodyElse = Must(
        "one-works",
        Finish,
        ("Nobody works while another works.", "Nadie trabaja mientras trabaja otro."),
        SeenFromTheSide,
        ("Two work at once.", "Dos trabajan a la vez."),
        ("No rep, one at a time", "No rep, de uno en uno"),
        ("Neither rep counts; one goes on.", "Ninguna cuenta; sigue uno.")
    );
    public static readonly Phrase Owed = Must(
        "least-each",
        Finish,
        (
            "Each does the least that is written; who is short owes it before the last rep counts.",
            "Cada uno hace el mínimo escrito; quien no llega lo debe antes de que cuente la última."
        ),
        SeenFromTheSide,
        ("The last task is done and a member is short.", "La última tarea está hecha y a alguien le falta."),
        ("Owed, and the name", "Debe, y el nombre"),
        ("Who is short works; the count waits.", "Trabaja a quien le falta; la cuenta espera."),
        WaitForKit
    );
    public static readonly Phrase DoneByOthers = Must(
        "least-each",
        Finish,
        (
            "Each does the least that is written; what others did in the place of who is short is not counted.",
            "Cada uno hace el mínimo escrito; lo que otros hicieron en lugar de quien no llega no cuenta."
        ),
        SeenFromTheSide,
        ("The last task is done and a member is short.", "La última tarea está hecha y a alguien le falta."),
        ("Short, and the name", "Falta, y el nombre"),
        ("The missing part is taken off at the desk.", "La parte que falta se descuenta en la mesa.")
    );
    public static readonly Phrase VoidsAll = Must(
        "least-each",
        Finish,
        (
            "Each does the least that is written; a team in which one is short has no result.",
            "Cada uno hace el mínimo escrito; un equipo en el que alguien no llega no tiene resultado."
        ),
        SeenFromTheSide,
        ("The last task is done and a member is short.", "La última tarea está hecha y a alguien le falta."),
        ("Short, and the name", "Falta, y el nombre"),
        ("Finish the share before the clock ends.", "Completar la parte antes de que acabe el reloj."),
        SetLost
    );
    public static readonly Phrase AtMost = Must(
        "most-in-row",
        Finish,
        (
            "After the most that is written in a row, the next member takes over.",
            "Tras el máximo seguido que está escrito, sigue el siguiente miembro."
        ),
        SeenFromTheSide,
        ("The same member does another.", "El mismo miembro hace otra."),
        ("Change", "Cambio"),
        ("That rep is not counted; the next member works.", "Esa no cuenta; trabaja el siguiente miembro.")
    );
    public static readonly Phrase InTurn = Must(
        "in-turn",
        Start,
        ("Turns go in the order written; who is due begins.", "Los turnos van en el orden escrito; empieza a quien le toca."),
        SeenFromTheSide,
        ("Somebody works out of turn.", "Alguien trabaja fuera de turno."),
        ("Change, and the name", "Cambio, y el nombre"),
        ("Work stops until who is due begins; nothing is taken back.", "Se para hasta que empieza a quien le toca; nada se retira."),
        WaitForKit
    );
    public static readonly Phrase Tag = Must(
        "tag",
        Start,
        ("The next begins when the hand was touched.", "El siguiente empieza cuando se tocó la mano."),
        SeenFromTheSide,
        ("The next begins without the touch.", "El siguiente empieza sin el toque."),
        ("Back, tag", "Atrás, toque"),
        ("Begin again after the touch.", "Empezar de nuevo tras el toque."),
        FromTheLine
    );
    public static readonly Phrase OnAMark = Must(
        "hand-over-mark",
        Start,
        ("The change is at the place that is written, not before it.", "El cambio es en el sitio escrito, no antes."),
        SeenFromTheSide,
        ("The load or the turn is handed over before the place.", "La carga o el turno se entrega antes del sitio."),
        ("Back, mark", "Atrás, marca"),
        ("Go on from the last place that is written.", "Seguir desde el último sitio escrito."),
        FromTheLastMark
    );
    public static readonly Phrase SpendsTurn = Must(
        "attempt-turn",
        Finish,
        ("An attempt that counts nothing still spends the turn.", "Un intento que no cuenta nada gasta el turno."),
        SeenFromTheSide,
        ("The same member tries again.", "El mismo miembro lo intenta otra vez."),
        ("Turn", "Turno"),
        ("The next member works.", "Trabaja el siguiente miembro.")
    );
    public static readonly Phrase TriesCount = Must(
        "tries-in-row",
        Finish,
        ("Failed tries count towards the most in a row.", "Los intentos fallidos cuentan para el máximo seguido."),
        SeenFromTheSide,
        ("The same member tries once more.", "El mismo miembro lo intenta una vez más."),
        ("Change", "Cambio"),
        ("The next member works.", "Trabaja el siguiente miembro.")
    );
}
