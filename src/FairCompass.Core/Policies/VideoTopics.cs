using FairCompass.Core.Quantities;

namespace FairCompass.Core.Policies;

/// <summary>Topics about results that are sent as a video. The schools are common practice.</summary>
internal static class VideoTopics
{
    public static Eq<Topic> All { get; } =
    [
        Topic.Asked(
            "video",
            ("Video: what must be seen?", "Vídeo: ¿qué debe verse?"),
            "one take",
            ("An honest video shows everything once.", "Un vídeo honesto lo muestra todo una vez."),
            new School(
                "one take",
                (
                    "One take, whole body, lines, loads and monitor shown before and after",
                    "Una toma, cuerpo entero; líneas, cargas y monitor antes y después"
                ),
                ("Check the opening first.", "Comprobar antes el principio."),
                ("Show the kit, then start.", "Mostrar el material y empezar.")
            )
        ) with
        {
            TakesWords = true,
        },
        Topic.Asked(
            "video cuts",
            ("Video: may the recording be cut?", "Vídeo: ¿puede cortarse la grabación?"),
            "unbroken",
            ("What is not seen cannot be judged.", "Lo que no se ve no se puede juzgar."),
            new(
                "unbroken",
                ("Never: one take from the kit to the monitor", "Nunca: una toma desde el material hasta el monitor"),
                ("Look for jumps of the clock.", "Buscar saltos del reloj."),
                ("Do not stop the recording.", "No parar la grabación.")
            ),
            new(
                "cuts at rests",
                ("Only in a written rest, with the clock in view", "Solo en un descanso escrito, con el reloj a la vista"),
                ("See the clock on both sides of a cut.", "Ver el reloj a ambos lados del corte."),
                ("Show the clock before and after.", "Mostrar el reloj antes y después.")
            )
        ),
        Topic.Asked(
            "video monitor",
            ("Video: a monitor or a load cannot be read. What then?", "Vídeo: no se puede leer un monitor o una carga. ¿Qué pasa?"),
            "second judge",
            ("Two people decide what one could not see.", "Dos personas deciden lo que una no vio."),
            new(
                "second judge",
                ("A second judge looks; then the head judge decides", "Mira un segundo juez; después decide el juez principal"),
                ("Write the time in the video, and pass it on.", "Anotar el tiempo del vídeo y pasarlo."),
                ("Hold the monitor to the camera.", "Acercar el monitor a la cámara.")
            ),
            new(
                "zero",
                ("That part counts nothing", "Esa parte no cuenta nada"),
                ("Write 0 for the part, and why.", "Anotar 0 en la parte, y por qué."),
                ("Hold the monitor to the camera.", "Acercar el monitor a la cámara.")
            )
        ),
        Topic.Asked(
            "video attempts",
            ("Video: how many may somebody send, and which one counts?", "Vídeo: ¿cuántos se pueden enviar y cuál cuenta?"),
            "as written",
            ("One run on the day has one try; a video has to say it.", "En pista hay un intento; en vídeo hay que decirlo."),
            new School(
                "as written",
                ("As the workout says", "Como dice la prueba"),
                ("Judge the one that counts.", "Juzgar el que cuenta."),
                ("See the workout.", "Ver la prueba.")
            )
            {
                NeedsLine = true,
            }
        ),
        Topic.Asked(
            "video deadline",
            ("Video: until when must it be there, in which time zone?", "Vídeo: ¿hasta cuándo debe llegar y en qué zona horaria?"),
            null,
            (
                "A deadline without a zone is a day long. Write it like “Sunday 7 June 2026, 18:00 UTC”.",
                "Un plazo sin zona dura un día. Escríbase así: «domingo 7 de junio de 2026, 18:00 UTC»."
            )
        ),
    ];
}
