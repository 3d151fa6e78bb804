using FairCompass.Core.Languages;

namespace FairCompass.Core.Standards.Phrases;

/// <summary>The families in which the book lists movements.</summary>
internal static class Families
{
    public static readonly Said Squats = ("Squats", "Sentadillas");
    public static readonly Said FloorPulls = ("Pulls from the floor", "Tirones desde el suelo");
    public static readonly Said Cleans = ("Cleans", "Cargadas");
    public static readonly Said Snatches = ("Snatches", "Arrancadas");
    public static readonly Said Overhead = ("Shoulder to overhead", "Del hombro arriba");
    public static readonly Said Presses = ("Presses", "Empujes");
    public static readonly Said Kettlebells = ("Kettlebells", "Kettlebells");
    public static readonly Said Bar = ("Pulls on the bar", "Tirones en la barra");
    public static readonly Said Rings = ("Rings", "Anillas");
    public static readonly Said Ropes = ("Ropes", "Cuerdas");
    public static readonly Said Burpees = ("Burpees", "Burpees");
    public static readonly Said Box = ("Box", "Cajón");
    public static readonly Said PushUps = ("Push-ups", "Flexiones");
    public static readonly Said Upside = ("Upside down", "Invertidos");
    public static readonly Said Trunk = ("Trunk", "Tronco");
    public static readonly Said Lunges = ("Lunges", "Zancadas");
    public static readonly Said Travel = ("Crawls, carries, runs", "Cuadrupedia, acarreos y carreras");
    public static readonly Said Skipping = ("Skipping", "Comba");
    public static readonly Said Machines = ("Machines", "Máquinas");
    public static readonly Said TeamBag = ("Team bag", "Saco de equipo");
    public static readonly Said LiftRules = ("Rules of a lift", "Reglas de un levantamiento");
    public static readonly Said TeamRules = ("Rules of a team", "Reglas de un equipo");
    public static readonly Said Holds = ("Holds", "Isométricos");
}
