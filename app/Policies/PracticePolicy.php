<?php

namespace App\Policies;

class PracticePolicy extends StaffDocumentPolicy
{
}
