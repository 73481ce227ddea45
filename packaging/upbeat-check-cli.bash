# bash completion for upbeat-check-cli: commands and their options come from the program's own help.
_upbeat_check_cli() {
    local word="${COMP_WORDS[COMP_CWORD]}" before="${COMP_WORDS[COMP_CWORD - 1]}"
    local commands="analyze simulate climb teach convert list plan devices record log report backup restore check"
    if [ "$COMP_CWORD" -eq 1 ]; then
        mapfile -t COMPREPLY < <(compgen -W "$commands --help" -- "$word")
        return
    fi
    case "$before" in
        --exercise)
            mapfile -t COMPREPLY < <(compgen -W "$(upbeat-check-cli list 2>/dev/null | cut -f1)" -- "$word")
            compopt -o default
            return ;;
        --profile) mapfile -t COMPREPLY < <(compgen -W "practice performance" -- "$word"); return ;;
        --table) mapfile -t COMPREPLY < <(compgen -W "takes hits gates" -- "$word"); return ;;
        --way) mapfile -t COMPREPLY < <(compgen -W "balanced line climb grow turn feet" -- "$word"); return ;;
        --data | --out) compopt -o default; return ;;
    esac
    if [[ "$word" == -* ]]; then
        local options
        options=$(upbeat-check-cli "${COMP_WORDS[1]}" --help 2>/dev/null | grep -o -- '--[a-z][a-z-]*' | sort -u)
        mapfile -t COMPREPLY < <(compgen -W "$options" -- "$word")
    else
        compopt -o default
    fi
}
complete -F _upbeat_check_cli upbeat-check-cli
